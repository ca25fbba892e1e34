// Writes docs/examples/joint-record.json anew from a running demo: `npm start`, then `npm run example`.
import { writeFileSync } from 'node:fs';

const BASE = process.env.KESTO_URL ?? 'http://127.0.0.1:8080';
const FINISHED_JOINT = '0193a000-0000-7000-8000-000000005103';

const signedIn = await fetch(`${BASE}/api/session`, {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({ login: 'bo', password: 'copper-before-filler' }),
});
const cookie = signedIn.headers.get('set-cookie').split(';')[0];
const record = await (await fetch(`${BASE}/api/joints/${FINISHED_JOINT}/record.json`, { headers: { cookie } })).json();
writeFileSync('docs/examples/joint-record.json', `${JSON.stringify(record, null, 2)}\n`);
console.log('docs/examples/joint-record.json is written');
