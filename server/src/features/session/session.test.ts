import { demoPeople } from '../demo/people';
import { testServer, type TestServer } from '../../testing/server';
import { SESSION_MS } from './session.service';

let server: TestServer;
let now = new Date('2026-11-25T08:00:00Z');
beforeAll(async () => {
  server = await testServer({ clock: () => now });
});
afterAll(() => server.close());

const PASSWORD = 'copper-before-filler';
const signIn = (body: object) => server.stranger().post('/api/session').send(body);

test('the right password opens a session whose cookie no script can read and no other site sends', async () => {
  const { headers } = await signIn({ login: 'ilta', password: PASSWORD }).expect(201);
  const cookie = String(headers['set-cookie']);
  expect(cookie).toMatch(/HttpOnly/);
  expect(cookie).toMatch(/SameSite=Strict/);
});

test('a wrong password and an unknown name are told the same', async () => {
  const wrong = await signIn({ login: 'ilta', password: 'nope' }).expect(401);
  const unknown = await signIn({ login: 'nobody', password: 'nope' }).expect(401);
  expect(wrong.body.error.message).toBe(unknown.body.error.message);
});

test.each([
  ['no password', { login: 'ilta' }, 'password'],
  ['no name', { password: 'x' }, 'login'],
  ['a name that is a number', { login: 7, password: 'x' }, 'login'],
])('%s is refused, naming the field', async (_what, body, field) => {
  const answer = await signIn(body).expect(400);
  expect(answer.body.error.field).toBe(field);
});

test('passwords are kept as memory-hard hashes', async () => {
  const { withShop } = await import('../../platform/db/shop');
  const { DEMO_SHOP } = await import('../demo/ids');
  const people = await withShop(
    server.db,
    DEMO_SHOP,
    ({ manager }) => manager.query('select password_hash from person') as Promise<{ password_hash: string }[]>,
  );
  expect(people.length).toBe(demoPeople().length);
  expect(people.every((p) => p.password_hash.startsWith('$argon2id$'))).toBe(true);
});

test('signing out ends the session at once', async () => {
  const agent = server.stranger();
  await agent.post('/api/session').send({ login: 'oskar', password: PASSWORD }).expect(201);
  await agent.get('/api/session').expect(200);
  await agent.delete('/api/session').expect(200);
  await agent.get('/api/session').expect(401);
});

test('an old session is none: the form is told to sign in again', async () => {
  const agent = server.stranger();
  await agent.post('/api/session').send({ login: 'oskar', password: PASSWORD }).expect(201);
  const before = now;
  now = new Date(before.getTime() + SESSION_MS + 1000);
  const { body } = await agent.get('/api/today').expect(401);
  expect(body.error).toMatchObject({ code: 'SIGNED_OUT' });
  expect(body.error.message).toContain('kept');
  now = before;
});

test('a write from another site is not carried out', async () => {
  const agent = await server.as('ilta');
  const units = { length: 'inch', pressure: 'psig', temperature: 'F', vacuum: 'micron', mass: 'lb-oz' };
  await agent.put('/api/me/units').set('origin', 'http://elsewhere.invalid').send(units).expect(403);
  await agent.put('/api/me/units').set('sec-fetch-site', 'cross-site').send(units).expect(403);
  await agent.put('/api/me/units').send(units).expect(200);
});

test('units change what is shown and nothing stored', async () => {
  const agent = await server.as('ilta');
  const joint = '/api/joints/0193a000-0000-7000-8000-000000005109';
  const before = (await agent.get(joint).expect(200)).body;
  await agent.put('/api/me/units').send({ length: 'metric', pressure: 'bar', temperature: 'C', vacuum: 'Pa', mass: 'kg' }).expect(200);
  expect((await agent.get('/api/session').expect(200)).body.units.pressure).toBe('bar');
  expect((await agent.get(joint).expect(200)).body).toEqual(before);
  const { body } = await agent.put('/api/me/units').send({ length: 'cubits' }).expect(400);
  expect(body.error.field).toBe('length');
});

test('too many wrong tries from one address must wait; the message says how long', async () => {
  const agent = server.stranger();
  let last = 0;
  for (let i = 0; i < 30 && last !== 429; i++) last = (await agent.post('/api/session').send({ login: 'ilta', password: `no${i}` })).status;
  expect(last).toBe(429);
});
