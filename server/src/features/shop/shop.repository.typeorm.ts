import type { VanStock } from '@kesto/contract';
import { withSchoolIds, type Schools } from '@kesto/core';
import { notFound } from '../../platform/errors';
import { Shops, type ShopRow } from '../../platform/db/rows';
import type { ShopWork } from '../../platform/db/shop';

async function shopRow({ shopId, manager }: ShopWork): Promise<ShopRow> {
  const row = await manager.findOneBy(Shops, { shop_id: shopId });
  if (!row) throw notFound('This shop');
  return row;
}

export const schoolsOf = async (shop: ShopWork): Promise<Schools> => withSchoolIds((await shopRow(shop)).schools);

export async function setSchools({ shopId, manager }: ShopWork, schools: Schools): Promise<void> {
  await manager.update(Shops, { shop_id: shopId }, { schools });
}

export const vanOf = async (shop: ShopWork): Promise<VanStock> => (await shopRow(shop)).van;

export async function setVan({ shopId, manager }: ShopWork, van: VanStock): Promise<void> {
  await manager.update(Shops, { shop_id: shopId }, { van: van as never }); // cast: TypeORM's deep partial type does not take readonly arrays
}
