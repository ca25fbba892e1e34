import { demoPeople } from '../demo';
import { addOtherShop, testServer, type TestServer } from '../../testing/server';
import { queuedPasswords } from './passwords';
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

describe('guessing is slowed', () => {
  const behindProxy = () => testServer({ trustProxy: 1 });
  const from = (other: TestServer, address: string, body: object) =>
    other.stranger().post('/api/session').set('x-forwarded-for', address).send(body);

  test('after five wrong tries the next one waits, and is told how long; the right password waits as well', async () => {
    const other = await testServer();
    const tries = async (password: string) => other.stranger().post('/api/session').send({ login: 'ilta', password });
    const statuses: number[] = [];
    for (let i = 0; i < 6; i++) statuses.push((await tries(`no${i}`)).status);
    expect(statuses).toEqual([401, 401, 401, 401, 401, 401]);
    const { status, headers, body } = await tries(PASSWORD);
    expect([status, body.error.code]).toEqual([429, 'TOO_MANY_TRIES']);
    expect(Number(headers['retry-after'])).toBeGreaterThan(0);
    expect(Number(headers['retry-after'])).toBeLessThanOrEqual(60);
    await other.close();
  });

  test('sixty tries at once are sixty: few of them are looked at', async () => {
    const other = await testServer();
    const began = performance.now();
    const answers = await Promise.all(
      Array.from({ length: 60 }, (_v, i) =>
        other
          .stranger()
          .post('/api/session')
          .send({ login: 'ilta', password: `no${i}` }),
      ),
    );
    // Five are free, then each waits 1, 2, 4 ... seconds: a busy machine that takes longer looks at one or two more.
    const waited = Math.floor(Math.log2(1 + (performance.now() - began) / 1000));
    expect(answers.filter((a) => a.status === 401).length).toBeLessThanOrEqual(6 + waited);
    await other.close();
  });

  test('one account from many addresses is slowed too, while its own person signs in from where they always do', async () => {
    const other = await behindProxy();
    await from(other, '198.51.100.9', { login: 'ilta', password: PASSWORD }).expect(201);
    const statuses: number[] = [];
    for (let i = 0; i < 40; i++) statuses.push((await from(other, `203.0.113.${i % 10}`, { login: 'ilta', password: `no${i}` })).status);
    expect(statuses.filter((s) => s === 401).length).toBeLessThanOrEqual(22);
    await from(other, '198.51.100.9', { login: 'ilta', password: PASSWORD }).expect(201);
    await other.close();
  });

  test('others of one office behind one address are not held up by a colleague’s wrong tries', async () => {
    const other = await testServer();
    for (let i = 0; i < 8; i++)
      await other
        .stranger()
        .post('/api/session')
        .send({ login: 'oskar', password: `no${i}` });
    await other.stranger().post('/api/session').send({ login: 'maren', password: PASSWORD }).expect(201);
    await other.close();
  });

  test('a known name costs the same questions of the database as an unknown one', async () => {
    const once = async (login: string) => {
      const asked = jest.spyOn(server.db, 'transaction');
      await signIn({ login, password: 'nope' }).expect(401);
      const calls = asked.mock.calls.length;
      asked.mockRestore();
      return calls;
    };
    // A refused try is noted a moment after its answer and counts with whoever asks then: the unknown name asks first, and the known one's first try is before any note.
    const unknown = await once('nobody-at-all');
    expect(await once('oskar')).toBe(unknown);
  });
});

describe('signing in at once', () => {
  const agent = (other: TestServer, address: string, body: object) =>
    other.stranger().post('/api/session').set('x-forwarded-for', address).send(body);

  test('thirty people behind one address all get in; 110 wrong names from one are not all looked at', async () => {
    const other = await testServer({ trustProxy: 1 });
    const logins = Array.from({ length: 30 }, (_, i) => `thirty-${i}`);
    await addOtherShop(
      other.store,
      logins.map((login) => ({ login, role: 'technician' })),
    );
    const answers = await Promise.all(logins.map((login) => agent(other, '198.51.100.1', { login, password: PASSWORD })));
    expect(answers.map((a) => a.status)).toEqual(Array(30).fill(201));
    const statuses: number[] = [];
    for (let i = 0; i < 110; i++) statuses.push((await agent(other, '203.0.113.5', { login: `nobody-${i}`, password: 'x' })).status);
    expect(statuses.filter((s) => s === 401).length).toBeLessThan(60);
    expect(statuses.at(-1)).toBe(429);
    await agent(other, '198.51.100.1', { login: 'ilta', password: PASSWORD }).expect(201);
    await other.close();
  });

  test('more than can wait are told when to try again, and it counts as no wrong try', async () => {
    const passwords = queuedPasswords({ atOnce: 1, mostWaiting: 2, mostOfOne: 2 });
    const other = await testServer({ trustProxy: 1, passwords });
    const from20 = Array.from({ length: 20 }, (_, i) => agent(other, `203.0.113.${i}`, { login: 'oskar', password: PASSWORD }));
    const busy = (await Promise.all(from20)).filter((a) => a.status === 503);
    expect(busy.length).toBeGreaterThan(0);
    expect(busy.every((a) => a.body.error.code === 'BUSY' && Number(a.headers['retry-after']) > 0)).toBe(true);
    for (let i = 0; i < 20; i++) await agent(other, `203.0.113.${i}`, { login: 'oskar', password: PASSWORD }).expect(201);
    await other.close();
  });

  test('a sign-in with the old password at the moment of its change does not outlive it', async () => {
    const other = await testServer();
    for (let round = 0; round < 4; round++) {
      const [here, next] = [`password ${round} here`, `password ${round + 1} here`];
      const change = { current: round === 0 ? PASSWORD : here, next };
      const old = other.stranger();
      const [, signed] = await Promise.all([
        (await other.as('oskar')).put('/api/me/password').send(change).expect(200),
        old.post('/api/session').send({ login: 'oskar', password: change.current }),
      ]);
      expect([201, 401]).toContain(signed.status);
      await old.get('/api/session').expect(401);
    }
    await other.close();
  });

  test('guesses at one’s own password are slowed', async () => {
    const other = await testServer();
    const oskar = await other.as('oskar');
    const statuses: number[] = [];
    for (let i = 0; i < 8; i++)
      statuses.push((await oskar.put('/api/me/password').send({ current: `no ${i}`, next: 'a long enough one' })).status);
    expect(statuses[0]).toBe(400);
    expect(statuses.at(-1)).toBe(429);
    await other.close();
  });
});

test('behind TLS the cookie is sent over TLS alone, and browsers are told to keep to it', async () => {
  const other = await testServer({ trustProxy: 1, publicUrl: new URL('https://kesto.example') });
  const { headers } = await other
    .stranger()
    .post('/api/session')
    .set({ 'x-forwarded-proto': 'https', origin: 'https://kesto.example' })
    .send({ login: 'ilta', password: PASSWORD })
    .expect(201);
  expect(String(headers['set-cookie'])).toMatch(/; Secure/);
  expect(headers['strict-transport-security']).toMatch(/max-age/);
  await other.close();
});

test('where the demo is not wanted its people, whose password everybody knows, are nobody', async () => {
  const other = await testServer({ demo: false });
  await other.stranger().post('/api/session').send({ login: 'ilta', password: PASSWORD }).expect(401);
  await other.close();
});

test('sessions that have ended are removed when somebody signs in', async () => {
  const { withShop } = await import('../../platform/db/shop');
  const { DEMO_SHOP } = await import('../demo/ids');
  const before = now;
  await signIn({ login: 'oskar', password: PASSWORD }).expect(201);
  now = new Date(before.getTime() + SESSION_MS + 1000);
  await signIn({ login: 'oskar', password: PASSWORD }).expect(201);
  const left = await withShop(server.db, DEMO_SHOP, ({ manager }) => manager.query('select 1 from session') as Promise<unknown[]>);
  now = before;
  expect(left).toHaveLength(1);
});
