import type { DataSource, EntityManager } from 'typeorm';

/** Work inside one shop's walls: a transaction in which row-level security lets through that shop's rows alone. */
export interface ShopTransaction {
  readonly shopId: string;
  readonly manager: EntityManager;
}

export function withShop<T>(db: DataSource, shopId: string, work: (shop: ShopTransaction) => Promise<T>): Promise<T> {
  return db.transaction(async (manager) => {
    await manager.query(`select set_config('app.shop', $1, true)`, [shopId]);
    return work({ shopId, manager });
  });
}
