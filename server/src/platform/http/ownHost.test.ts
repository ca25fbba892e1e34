import { rulesServer, type RulesServer } from '../../testing/server';

let server: RulesServer;
beforeAll(async () => {
  server = await rulesServer({ publicUrl: new URL('https://kesto.example') });
});
afterAll(() => server.close());

const asked = (host: string) => server.stranger().get('/api/health').set('host', host);

test.each(['127.0.0.1:8080', '192.168.1.7', '[::1]:8080', 'localhost:8080', 'kesto.localhost', 'kesto.example', 'KESTO.example:443'])(
  'goes by %s',
  (host) => asked(host).expect(200),
);

test.each(['kesto.evil', '127.0.0.1.evil', 'localhost.evil', 'kesto.example.evil', 'a b', ''])(
  'does not go by “%s”, and says whose say it is',
  async (host) => {
    const { body } = await asked(host).expect(421);
    expect(body.error).toMatchObject({ code: 'STRANGE_HOST', message: expect.stringContaining('KESTO_PUBLIC_URL') });
  },
);

test('nothing on the way keeps what the API answers; a photo, which never changes, its own browser does', async () => {
  const ilta = await server.as('ilta');
  for (const path of ['/api/today', '/api/health', '/api/no-such-thing']) {
    expect((await ilta.get(path)).headers['cache-control']).toBe('no-store');
  }
});
