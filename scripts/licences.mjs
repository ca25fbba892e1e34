// Lists the licences of everything installed and stops at one that nobody has looked at; asks the registry about known faults.
import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));

/** Each looked at: all may be used and passed on with a product; the LGPL one is the image library, linked as its own file. */
const LOOKED_AT = [
  ...['MIT', 'MIT*', 'ISC', 'Apache-2.0', 'BSD-2-Clause', 'BSD-3-Clause', '0BSD', 'BlueOak-1.0.0', 'Unlicense', 'CC0-1.0'],
  ...['MPL-2.0', 'OFL-1.1', 'LGPL-3.0-or-later', 'Python-2.0', 'CC-BY-3.0', 'CC-BY-4.0', 'GPL-2.0'],
];

function installed() {
  const { stdout } = spawnSync('npx', ['license-checker-rseidelsohn', '--json', '--excludePrivatePackages'], {
    encoding: 'utf8',
    maxBuffer: 64 * 1024 * 1024,
  });
  return Object.entries(JSON.parse(stdout));
}

const names = (licence) =>
  [licence]
    .flat()
    .join(' AND ')
    .replaceAll(/[()]/g, '')
    .split(/ (?:AND|OR) /);
const counts = new Map();
const unknown = [];
for (const [name, { licenses }] of installed()) {
  for (const licence of names(licenses)) counts.set(licence, (counts.get(licence) ?? 0) + 1);
  if (names(licenses).some((licence) => !LOOKED_AT.includes(licence))) unknown.push(`${name}: ${licenses}`);
}
for (const [licence, n] of [...counts].sort(([, a], [, b]) => b - a)) console.log(`${String(n).padStart(5)}  ${licence}`);

const audit = spawnSync('npm', ['audit', '--omit=dev', '--audit-level=high'], { encoding: 'utf8', timeout: 60_000 });
const answered = /found 0 vulnerabilities|severity|vulnerabilit/i.test(audit.stdout ?? '');
console.log(answered ? `audit: ${audit.stdout.trim().split('\n').at(-1)}` : 'audit: the registry does not answer this here; not checked');

for (const line of unknown) console.error(`not looked at: ${line}`);
process.exit(unknown.length > 0 || (answered && audit.status !== 0) ? 1 : 0);
