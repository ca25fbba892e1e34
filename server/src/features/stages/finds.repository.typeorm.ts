import type { UnitLeak } from '@kesto/contract';
import type { ShopTransaction } from '../../platform/db/shop';
import type { FindRepository } from './finds.repository';
import { jointsBeforeSql, leaksBeforeSql, leaksOfCircuitsSql } from './stages.sql';

export const typeormFinds = ({ shopId, manager }: ShopTransaction): FindRepository => ({
  async placeHistory({ jobId, circuitId }) {
    const about = [shopId, circuitId, jobId];
    const leaks = (await manager.query(leaksBeforeSql, about)) as { place: string; day: string; unit: string | null }[];
    const joints = (await manager.query(jointsBeforeSql, about)) as { place: string; tag: string }[];
    return { leaks: leaks.map(({ place, day, unit }) => ({ place, on: day, ...(unit === null ? {} : { unit }) })), joints };
  },
  leaksOf: (circuitIds) => manager.query<UnitLeak[]>(leaksOfCircuitsSql, [shopId, circuitIds]),
});
