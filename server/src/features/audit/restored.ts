import { readFile, rm } from 'node:fs/promises';
import path from 'node:path';
import type { Store } from '../shopWork';
import { audited } from './audit.service';

/** Left by a restore in the folder it filled: when it was, and whose rows it brought. */
interface Restored {
  readonly at: string;
  readonly shops: readonly string[];
}

/** The first start after a restore says so in every shop's trail: what was done between the backup and the restore is not here. */
export async function sayRestored(store: Store, dataDir: string): Promise<void> {
  const file = path.join(dataDir, 'restored.json');
  const text = await readFile(file, 'utf8').catch(() => null);
  if (text === null) return;
  const { at, shops } = JSON.parse(text) as Restored; // cast: written by scripts/restore.mjs
  for (const shopId of shops) {
    await store.inShop(shopId, (shop) => audited(shop, { what: 'restored', personId: null }, new Date(at)));
  }
  await rm(file);
}
