import { ROUTES, type Route } from '@kesto/contract';
import { v7 as uuid } from 'uuid';
import { DEMO_PASSWORD } from '../../features/demo';
import { newCode } from '../../features/people';
import { testServer, type TestServer } from '../../testing/server';
import { wayTo, type Way } from '../../../../scripts/lib/way.cjs';

let way: Way;
let server: TestServer;
let cookie: string;
beforeAll(async () => {
  server = await testServer({ through: async (url) => (way = await wayTo(url)).url });
  cookie = await server.cookie('maren');
});
afterAll(async () => {
  await server.close();
  await way.close();
});

const ALL = Object.entries(ROUTES) as [string, Route][];
/** What needs no database: whoever asks is answered. */
const WITHOUT = ['openapi', 'demoPeople'];
const WELL_FORMED: Readonly<Record<string, object>> = {
  signIn: { login: 'maren', password: DEMO_PASSWORD },
  readInvite: { code: newCode() },
  readLabel: { joint: uuid(), sequence: 1, head: 'a'.repeat(64) },
  join: { code: newCode(), name: 'Tuomo Rae', login: 'tuomo', password: 'ten letters or more' },
};

const address = ({ path }: Route) =>
  path
    .replace(/:sha256|:source/, 'a'.repeat(64))
    .replace(/:tag/, 'CR2-09')
    .replace(/:\w+/g, () => uuid());
const ask = ([name, route]: [string, Route]) =>
  server
    .stranger()
    [route.method](address(route))
    .set('cookie', cookie)
    .send(WELL_FORMED[name] ?? {});

test('while the database is away every route says so, with when to try again; then all goes on by itself', async () => {
  way.cut();
  for (const route of ALL) {
    const { status, body, headers } = await ask(route);
    if (WITHOUT.includes(route[0])) expect([route[0], status]).toEqual([route[0], 200]);
    else expect([route[0], status]).toEqual([route[0], 503]);
    if (route[0] !== 'health' && status === 503) {
      expect([body.error.code, headers['retry-after']]).toEqual(['UNAVAILABLE', '5']);
    }
  }
  const { body } = await server.stranger().get('/api/health').expect(503);
  expect(body).toMatchObject({ ok: false, database: 'away' });
  way.mend();
  await server.stranger().get('/api/today').set('cookie', cookie).expect(200);
});

test('cut in the middle of work, at any of its questions, it is 503 and never the server’s own fault', async () => {
  const seen: number[] = [];
  for (let round = 0; round < 12; round++) {
    const answers = Promise.all(ALL.map(async (route) => [route[0], (await ask(route)).status] as const));
    await new Promise((resolve) => setTimeout(resolve, round * 8));
    way.cut();
    const all = await answers;
    expect(all.filter(([, status]) => status === 500)).toEqual([]);
    seen.push(...all.map(([, status]) => status));
    way.mend();
  }
  expect(seen).toContain(503);
});
