import { readFile, statfs } from 'node:fs/promises';
import path from 'node:path';
import { ENGINE_VERSION } from '@kesto/core';
import type { Health } from '@kesto/contract';
import type { Store } from '../shopWork';

/** Under this a shop's photos of some weeks no longer fit. */
const LOW_DISK_BYTES = 2_000_000_000;

async function lastBackup(dataDir: string): Promise<string | null> {
  const text = await readFile(path.join(dataDir, 'last-backup.json'), 'utf8').catch(() => null);
  return text === null ? null : (JSON.parse(text) as { at: string }).at; // cast: written by scripts/backup.mjs
}

async function disk(dataDir: string): Promise<Health['disk']> {
  const { bavail, bsize } = await statfs(dataDir);
  return bavail * bsize < LOW_DISK_BYTES ? 'low' : 'ok';
}

/** What whoever watches the server needs to know; fails where the database does not answer. */
export async function health(store: Store, dataDir: string): Promise<Health> {
  await store.ping();
  return { ok: true, engineVersion: ENGINE_VERSION, disk: await disk(dataDir), lastBackup: await lastBackup(dataDir) };
}
