import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import type { VanStock } from '@kesto/contract';
import { v7 as uuid } from 'uuid';
import type { Store } from '../shopWork';
import { codeHash, newCode, readable } from './codes';

const STARTING_VAN: VanStock = {
  fillers: [
    { designation: 'BCuP-5', rod: 'flat-0.050x1/8', count: 0 },
    { designation: 'BAg-36', rod: 'round-1/16', count: 0 },
  ],
  torch: { fuel: 'air-acetylene' },
  cylinder: { waterVolume: { value: 10, unit: 'L' }, pressure: { value: 150, unit: 'barg' } },
};

/** Kept beside the database, for whoever runs the server, until somebody has come by it. */
const FILE = 'first-code';
/** Whoever sets a server up may be called away; the code stays on that machine. */
const FIRST_CODE_MS = 365 * 24 * 3_600_000;

/** A shop without a name and without people, and the code by which its admin comes. */
export async function openFirstShop(store: Store, dataDir: string, now: Date): Promise<void> {
  const code = newCode();
  // First: a shop whose code nobody can read could never be entered. A code without its shop is forgotten at the next start.
  writeFileSync(path.join(dataDir, FILE), code, { mode: 0o600 });
  await store.inShop(uuid(), async (shop) => {
    await shop.shop.add({ name: 'Workshop', van: STARTING_VAN, schools: {} });
    await shop.invites.add({
      ...{ id: uuid(), codeHash: codeHash(code), name: 'Admin', role: 'admin' as const, personId: null, madeBy: null, madeAt: now },
      expiresAt: new Date(now.getTime() + FIRST_CODE_MS),
      usedAt: null,
    });
  });
}

/** The first admin's code as it is read out, as long as nobody has come by it; then it is forgotten. */
export async function firstCode(store: Store, dataDir: string): Promise<string | null> {
  const file = path.join(dataDir, FILE);
  if (!existsSync(file)) return null;
  const code = readFileSync(file, 'utf8');
  const invite = await store.inviteBy(codeHash(code));
  if (invite && !invite.usedAt) return readable(code);
  rmSync(file);
  return null;
}
