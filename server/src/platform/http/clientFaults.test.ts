import { createHash } from 'node:crypto';
import { once } from 'node:events';
import { request as rawRequest } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { Agent } from 'supertest';
import { v7 as uuid } from 'uuid';
import { OPEN_JOB } from '../../testing/examples';
import { testServer, type TestServer } from '../../testing/server';

let server: TestServer;
let ilta: Agent;
beforeAll(async () => {
  server = await testServer();
  ilta = await server.as('ilta');
});
afterAll(() => server.close());

const signIn = () => server.stranger().post('/api/session');
const json = (text: string) => signIn().set('content-type', 'application/json').send(text);

test.each([
  ['half a letter in an address', () => ilta.get('/api/find/%E0%A4%A'), 400],
  ['a NUL in an address', () => ilta.get('/api/find/a%00b'), 400],
  [
    'a cookie of dashes',
    () =>
      server
        .stranger()
        .get('/api/session')
        .set('cookie', `kesto_session=${'-'.repeat(36)}.${'a'.repeat(30)}`),
    401,
  ],
  ['an origin that is null', () => signIn().set('origin', 'null').send({}), 403],
  ['a character set nobody knows', () => json('{}').set('content-type', 'application/json; charset=utf-99'), 415],
  ['an encoding nobody knows', () => json('{}').set('content-encoding', 'br0ken'), 415],
  ['a NUL in a text', () => json('{"login":"a\\u0000b","password":"x"}'), 400],
  ['half a surrogate pair', () => json('{"login":"\\ud800","password":"x"}'), 400],
  ['a number without end', () => json('{"login":1e999,"password":"x"}'), 400],
  ['five thousand levels', () => json(`{"login":${'['.repeat(5000)}${']'.repeat(5000)}}`), 400],
  ['a body of another kind', () => json('"text"'), 400],
] as const)('%s is the sender’s fault and told so', async (_what, ask, status) => {
  const answer = await ask();
  expect(answer.status).toBe(status);
  expect(answer.body.error.message.length).toBeLessThan(300);
});

test('a long address is not sent back whole', async () => {
  const { body } = await ilta.get(`/api/${'a'.repeat(6000)}`).expect(404);
  expect(body.error.message.length).toBeLessThan(300);
});

test('an upload that breaks off fails nothing but itself', async () => {
  const app = server.app.listen(0, '127.0.0.1');
  await once(app, 'listening');
  const { port } = app.address() as AddressInfo; // cast: it listens on a port
  const cookie = await server.cookie('ilta');
  const sha = createHash('sha256').update('x').digest('hex');
  await new Promise<void>((resolve) => {
    const upload = rawRequest({
      host: '127.0.0.1',
      port,
      method: 'PUT',
      path: `/api/photos/${sha}`,
      headers: { cookie, 'content-length': 5000 },
    });
    upload.on('error', () => resolve());
    upload.write('only this much');
    setTimeout(() => upload.destroy(), 100);
  });
  expect(server.logged.filter((line) => line.includes('request failed'))).toEqual([]);
  await new Promise((resolve) => app.close(resolve));
});

test('what fails on the server is logged without session, password or anything that was being stored', async () => {
  const secret = `secret-${uuid().slice(-12)}`;
  await server.breakTable('ledger', async () => {
    const sum = { kind: 'sum', values: { calculator: secret, given: [], answers: [] } };
    const { body } = await ilta.put(`/api/jobs/${OPEN_JOB}/entries/${uuid()}`).send(sum);
    expect(body.error.code).toBe('INTERNAL');
  });
  const log = server.logged.join('\n');
  expect(log).toContain('request failed');
  expect(log).not.toContain('kesto_session');
  expect(log).not.toContain(secret);
});
