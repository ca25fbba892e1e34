import type { MemoryRows } from '../../platform/memory/rows';
import { notFound } from '../../platform/errors';
import type { ShopRepository } from './shop.repository';

export const memoryShop = (rows: MemoryRows): ShopRepository => ({
  async get() {
    if (!rows.shop) throw notFound('This shop');
    return rows.shop;
  },
  exists: async () => rows.shop !== null,
  // Work in memory is done one after the other.
  lock: async () => undefined,
  async add(shop) {
    rows.shop = shop;
  },
  async change(part) {
    if (rows.shop) rows.shop = { ...rows.shop, ...part };
  },
});
