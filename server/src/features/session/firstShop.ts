import { randomBytes } from 'node:crypto';
import type { VanStock } from '@kesto/contract';
import { METRIC_PREFERENCES } from '@kesto/core';
import type { DataSource } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { People, Shops } from '../../platform/db/rows';
import { withShop } from '../../platform/db/shop';
import { hashPassword } from './session.service';

const STARTING_VAN: VanStock = {
  fillers: [
    { designation: 'BCuP-5', rod: 'flat-0.050x1/8', count: 0 },
    { designation: 'BAg-36', rod: 'round-1/16', count: 0 },
  ],
  torch: { fuel: 'air-acetylene' },
  cylinder: { waterVolume: { value: 10, unit: 'L' }, pressure: { value: 150, unit: 'barg' } },
};

/** An empty database without the demo gets one shop and one admin, whose password is shown once. */
export async function openFirstShop(db: DataSource): Promise<{ login: string; password: string }> {
  const shop_id = uuid();
  const password = randomBytes(12).toString('base64url');
  const password_hash = await hashPassword(password);
  await withShop(db, shop_id, async ({ manager }) => {
    await manager.insert(Shops, { shop_id, name: 'Workshop', van: STARTING_VAN as never }); // cast: TypeORM's deep partial type does not take readonly arrays
    await manager.insert(People, {
      shop_id,
      id: uuid(),
      login: 'admin',
      name: 'Admin',
      role: 'admin',
      password_hash,
      units: METRIC_PREFERENCES,
      approvals: [],
    });
  });
  return { login: 'admin', password };
}
