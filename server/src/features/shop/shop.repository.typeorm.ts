import { withSchoolIds } from '@kesto/core';
import { Shops } from '../../platform/db/rows';
import type { ShopTransaction } from '../../platform/db/shop';
import { notFound } from '../../platform/errors';
import type { ShopRepository } from './shop.repository';

export const typeormShop = ({ shopId, manager }: ShopTransaction): ShopRepository => ({
  async get() {
    const row = await manager.findOneBy(Shops, { shopId });
    if (!row) throw notFound('This shop');
    return { name: row.name, van: row.van, schools: withSchoolIds(row.schools) };
  },
  exists: () => manager.existsBy(Shops, { shopId }),
  async lock() {
    await manager.findOne(Shops, { where: { shopId }, lock: { mode: 'pessimistic_write' } });
  },
  async add(shop) {
    await manager.insert(Shops, { ...shop, shopId } as never); // cast: TypeORM's deep partial type does not take readonly arrays
  },
  async change(part) {
    await manager.update(Shops, { shopId }, part as never); // cast: as above
  },
});
