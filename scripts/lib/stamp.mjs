// A stamp is the hash of everything a build was made from; the same stamp means there is nothing to build.
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';

const SKIPPED = new Set(['node_modules', 'dist', 'dist.next', '.expo', 'fonts']);

function* filesBelow(entry) {
  if (!existsSync(entry)) return;
  if (statSync(entry).isFile()) return void (yield entry);
  for (const name of readdirSync(entry).sort()) {
    if (!SKIPPED.has(name) && !name.includes('.test.')) yield* filesBelow(path.join(entry, name));
  }
}

export function stampOf(entries) {
  const hash = createHash('sha256');
  for (const file of entries.flatMap((entry) => [...filesBelow(entry)])) hash.update(file).update('\0').update(readFileSync(file));
  return hash.digest('hex');
}

export const isCurrent = (file, stamp) => existsSync(file) && readFileSync(file, 'utf8') === stamp;

export function keepStamp(file, stamp) {
  mkdirSync(path.dirname(file), { recursive: true });
  writeFileSync(file, stamp);
}
