import type { UnitLeak } from '@kesto/contract';
import type { ShopTransaction } from '../../platform/db/shop';
import type { FindRepository, JobWithNote } from './finds.repository';
import { jobsWithNotesSql, jointsBeforeSql, leaksBeforeSql, leaksOfCircuitsSql } from './stages.sql';

export const typeormFinds = ({ shopId, manager }: ShopTransaction): FindRepository => ({
  async placeHistory({ jobId, circuitId }) {
    const about = [shopId, circuitId, jobId];
    const leaks = (await manager.query(leaksBeforeSql, about)) as { place: string; day: string; unit: string | null }[];
    const joints = (await manager.query(jointsBeforeSql, about)) as { place: string; tag: string }[];
    return { leaks: leaks.map(({ place, day, unit }) => ({ place, on: day, ...(unit === null ? {} : { unit }) })), joints };
  },
  jobsWithNotes: ({ jobId, circuitId }) => manager.query<JobWithNote[]>(jobsWithNotesSql, [shopId, circuitId, jobId]),
  leaksOf: (circuitIds) => manager.query<UnitLeak[]>(leaksOfCircuitsSql, [shopId, circuitIds]),
});
