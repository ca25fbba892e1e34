import { IsNull, MoreThanOrEqual } from 'typeorm';
import { SeriesBlocks, SeriesRows } from '../../platform/db/seriesRows';
import type { ShopTransaction } from '../../platform/db/shop';
import type { SeriesRow } from '../../platform/db/rowTypes';
import type { Series, SeriesRepository } from './series.repository';

/** A whole number of eight bytes comes back as its digits. */
const toSeries = ({ shopId: _shop, ...row }: SeriesRow): Series => ({ ...row, acked: Number(row.acked) });
const orNull = (row: SeriesRow | null) => row && toSeries(row);

export const typeormSeries = ({ shopId, manager }: ShopTransaction): SeriesRepository => ({
  byId: async (id) => orNull(await manager.findOneBy(SeriesRows, { shopId, id })),
  byToken: async (tokenHash) => orNull(await manager.findOneBy(SeriesRows, { shopId, tokenHash })),
  lock: async (id) => orNull(await manager.findOne(SeriesRows, { where: { shopId, id }, lock: { mode: 'pessimistic_write' } })),
  ofHold: async (holdId) => (await manager.find(SeriesRows, { where: { shopId, holdId }, order: { beganAt: 'ASC' } })).map(toSeries),
  async add(series) {
    await manager.insert(SeriesRows, { ...series, shopId });
  },
  async save({ id, ...series }) {
    await manager.update(SeriesRows, { shopId, id }, series);
  },
  async endThoseOf(personId, now) {
    await manager.update(SeriesRows, { shopId, pairedBy: personId, endedAt: IsNull() }, { endedAt: now });
  },
  async addBlock(block) {
    await manager.insert(SeriesBlocks, { ...block, shopId });
  },
  blocksOf: (seriesId, from) =>
    manager.find(SeriesBlocks, { where: { shopId, seriesId, sequence: MoreThanOrEqual(from) }, order: { sequence: 'ASC' } }),
});
