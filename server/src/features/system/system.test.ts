import { ROUTES, type RouteName } from '@kesto/contract';
import { SUMMARIES } from '@kesto/contract/summaries';
import { METRICS_TOKEN, rulesServer, type RulesServer } from '../../testing/server';

let server: RulesServer;
beforeAll(async () => {
  server = await rulesServer();
});
afterAll(() => server.close());

test('health answers for the server, its database, its disk and its last backup', async () => {
  const { body } = await server.stranger().get('/api/health').expect(200);
  expect(body).toEqual({
    ...{ ok: true, engineVersion: expect.any(String), database: 'ok', disk: expect.stringMatching(/^(ok|low)$/) },
    ...{ photosWaiting: 0, lastBackup: null },
  });
});

describe('measures', () => {
  test('are read on this machine: requests by route, refusals, the database, photos that wait, disk and backup', async () => {
    await server.stranger().post('/api/session').send({ login: 'ilta', password: 'not this one' }).expect(401);
    const { text } = await server.stranger().get('/metrics').expect(200);
    expect(text).toMatch(/kesto_request_seconds_count\{route="signIn",status="4xx"\} 1/);
    expect(text).toMatch(/kesto_refused_total\{what="password"\} 1/);
    expect(text).toMatch(/kesto_database_up 1\n/);
    expect(text).toMatch(/kesto_photos_waiting 0\n/);
    expect(text).toMatch(/kesto_disk_free_bytes \d+/);
    expect(text).toMatch(/kesto_last_backup_seconds 0\n/);
  });

  test('a proxy on this machine asks for somebody else: only with the token', async () => {
    const through = () => server.stranger().get('/metrics').set('x-forwarded-for', '203.0.113.7');
    await through().expect(404);
    await through().set('authorization', 'Bearer another token').expect(404);
    await through().set('authorization', `Bearer ${METRICS_TOKEN}`).expect(200);
  });
});

test('the description names every route there is, and each of them is there', async () => {
  const { body } = await server.stranger().get('/api/openapi.json').expect(200);
  for (const [name, route] of Object.entries(ROUTES)) {
    const path = route.path.replace(/:(\w+)/g, '{$1}');
    expect(body.paths[path]?.[route.method]?.summary).toBe(SUMMARIES[name as RouteName]); // cast: a key of the table;
    const { status } = await server.stranger()[route.method](route.path.replace(/:\w+/g, '0193a000-0000-7000-8000-000000000041'));
    expect(status).not.toBe(404);
  }
});

test('an unknown address and a broken body are answered in the API’s own words, with a request id', async () => {
  const missing = await server.stranger().get('/api/nothing').expect(404);
  expect(missing.body.error).toMatchObject({ code: 'NOT_FOUND' });
  const broken = await server.stranger().post('/api/session').set('content-type', 'application/json').send('{').expect(400);
  expect(broken.body.error.requestId).toMatch(/^[0-9a-f-]{36}$/);
});

test('pages may load nothing from elsewhere', async () => {
  const { headers } = await server.stranger().get('/api/health').expect(200);
  const policy = String(headers['content-security-policy']);
  expect(policy).toContain("default-src 'self'");
  expect(policy).toContain("script-src 'self'");
  expect(policy).not.toContain('unsafe-eval');
  expect(policy).not.toMatch(/https?:/);
});
