import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { configFromEnvironment } from './config';

const env = { DATABASE_URL: 'postgres://a:b@127.0.0.1:5432/kesto', KESTO_DATA: mkdtempSync(path.join(tmpdir(), 'kesto-config-')) };
const config = (rest: NodeJS.ProcessEnv) => configFromEnvironment({ ...env, ...rest });

test.each([
  [{ PORT: 'abc' }, /PORT must be a number from 0 to 65535, not "abc"/],
  [{ PORT: '70000' }, /PORT must be/],
  [{ PORT: '-1' }, /PORT must be/],
  [{ KESTO_DEMO: 'maybe' }, /KESTO_DEMO must be one of yes, no/],
  [{ KESTO_LOG: 'loud' }, /KESTO_LOG must be one of fatal, error/],
  [{ DATABASE_URL: '' }, /DATABASE_URL is not set/],
  [{ DATABASE_URL: 'mysql://x/y' }, /DATABASE_URL is not the address/],
  [{ KESTO_PUBLIC_URL: 'kesto' }, /KESTO_PUBLIC_URL must be an address/],
  [{ KESTO_DATA: path.join(__filename, 'inside-a-file') }, /cannot be written/],
  [{ KESTO_TLS_CERT: '/x' }, /both a certificate and its key/],
])('%j is refused with a sentence', (rest, problem) => expect(() => config(rest)).toThrow(problem));

test('what is said is taken, what is not has its usual value', () => {
  expect(config({})).toMatchObject({ port: 8080, host: '127.0.0.1', demo: true, logLevel: 'info', appPassword: null });
  expect(config({ PORT: '9', KESTO_DEMO: 'no', KESTO_LOG: 'warn', KESTO_APP_PASSWORD: 'x' })).toMatchObject({
    port: 9,
    demo: false,
    logLevel: 'warn',
    appPassword: 'x',
  });
});
