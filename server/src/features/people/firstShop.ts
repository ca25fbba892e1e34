import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import type { VanStock } from '@kesto/contract';
import type { DataSource } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { Shops } from '../../platform/db/rows';
import { withShop } from '../../platform/db/shop';
import { codeHash, newCode, readable } from './codes';
import { addInvite, inviteByCode } from './people.repository.typeorm';

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
export async function openFirstShop(db: DataSource, dataDir: string, now: Date): Promise<void> {
  const shop_id = uuid();
  const code = newCode();
  // First: a shop whose code nobody can read could never be entered. A code without its shop is forgotten at the next start.
  writeFileSync(path.join(dataDir, FILE), code, { mode: 0o600 });
  await withShop(db, shop_id, async (shop) => {
    await shop.manager.insert(Shops, { shop_id, name: 'Workshop', van: STARTING_VAN as never }); // cast: TypeORM's deep partial type does not take readonly arrays
    await addInvite(shop, {
      ...{ id: uuid(), code_hash: codeHash(code), name: 'Admin', role: 'admin' as const, person_id: null },
      expires_at: new Date(now.getTime() + FIRST_CODE_MS),
    });
  });
}

/** The first admin's code as it is read out, as long as nobody has come by it; then it is forgotten. */
export async function firstCode(db: DataSource, dataDir: string): Promise<string | null> {
  const file = path.join(dataDir, FILE);
  if (!existsSync(file)) return null;
  const code = readFileSync(file, 'utf8');
  const invite = await inviteByCode(db, codeHash(code));
  if (invite && !invite.used_at) return readable(code);
  rmSync(file);
  return null;
}
