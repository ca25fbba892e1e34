import { readFile, statfs } from 'node:fs/promises';
import path from 'node:path';
import { ENGINE_VERSION } from '@kesto/core';
import type { Health } from '@kesto/contract';
import type { Platform } from '../../platform/http/context';
import type { NowMeasured } from '../../platform/metrics';

/** Under this a shop's photos of some weeks no longer fit. */
const LOW_DISK_BYTES = 2_000_000_000;

async function lastBackup(dataDir: string): Promise<string | null> {
  const text = await readFile(path.join(dataDir, 'last-backup.json'), 'utf8').catch(() => null);
  return text === null ? null : (JSON.parse(text) as { at: string }).at; // cast: written by scripts/backup.mjs
}

async function diskFreeBytes(dataDir: string): Promise<number> {
  const { bavail, bsize } = await statfs(dataDir);
  return bavail * bsize;
}

const answers = (ping: Promise<void>): Promise<boolean> =>
  ping.then(
    () => true,
    () => false,
  );

export async function measured({ store, dataDir, photos }: Platform): Promise<NowMeasured> {
  return {
    databaseAnswers: await answers(store.ping()),
    connections: store.connections(),
    photosWaiting: photos.waiting(),
    diskFreeBytes: await diskFreeBytes(dataDir),
    lastBackup: await lastBackup(dataDir),
  };
}

/** What whoever watches the server needs to know; it is well where the database answers. */
export async function health(platform: Platform): Promise<Health> {
  const now = await measured(platform);
  return {
    ...{ ok: now.databaseAnswers, engineVersion: ENGINE_VERSION, database: now.databaseAnswers ? 'ok' : 'away' },
    ...{ disk: now.diskFreeBytes < LOW_DISK_BYTES ? 'low' : 'ok', photosWaiting: now.photosWaiting, lastBackup: now.lastBackup },
  };
}
