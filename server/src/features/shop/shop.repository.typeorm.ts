import { withSchoolIds, type Schools } from '@kesto/core';
import { notFound } from '../../platform/errors';
import { Shops } from '../../platform/db/rows';
import type { ShopWork } from '../../platform/db/shop';

export async function schoolsOf({ shopId, manager }: ShopWork): Promise<Schools> {
  const row = await manager.findOneBy(Shops, { shop_id: shopId });
  if (!row) throw notFound('This shop');
  return withSchoolIds(row.schools);
}

export async function setSchools({ shopId, manager }: ShopWork, schools: Schools): Promise<void> {
  await manager.update(Shops, { shop_id: shopId }, { schools });
}
