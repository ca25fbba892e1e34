// Keys of the shops as they lie in a data folder: one file each, for its owner's eyes alone.
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';

const folderOf = (dataDir) => path.join(dataDir, 'shop-keys');

/** Name and bytes of each. */
export function readKeys(dataDir) {
  const folder = folderOf(dataDir);
  return existsSync(folder) ? readdirSync(folder).map((name) => [name, readFileSync(path.join(folder, name))]) : [];
}

export function writeKeys(dataDir, keys) {
  if (keys.size === 0) return;
  mkdirSync(folderOf(dataDir), { recursive: true, mode: 0o700 });
  for (const [name, bytes] of keys) writeFileSync(path.join(folderOf(dataDir), name), bytes, { mode: 0o600 });
}
