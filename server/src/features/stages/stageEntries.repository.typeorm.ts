import type { UnitLeak } from '@kesto/contract';
import { canonicalText } from '@kesto/core';
import { StageEntries } from '../../platform/db/rows';
import type { ShopTransaction } from '../../platform/db/shop';
import type { StageEntryRepository } from './stageEntries.repository';
import { jointsBeforeSql, leaksBeforeSql, leaksOfCircuitsSql } from './stages.sql';

export const typeormStageEntries = ({ shopId, manager }: ShopTransaction): StageEntryRepository => ({
  requestHashOf: async (entryId) => (await manager.findOneBy(StageEntries, { shopId, id: entryId }))?.requestHash ?? null,
  async placeHistory({ jobId, circuitId }) {
    const about = [shopId, circuitId, jobId];
    const leaks = (await manager.query(leaksBeforeSql, about)) as { place: string; day: string; unit: string | null }[];
    const joints = (await manager.query(jointsBeforeSql, about)) as { place: string; tag: string }[];
    return { leaks: leaks.map(({ place, day, unit }) => ({ place, on: day, ...(unit === null ? {} : { unit }) })), joints };
  },
  leaksOf: (circuitIds) => manager.query<UnitLeak[]>(leaksOfCircuitsSql, [shopId, circuitIds]),
  async add({ content, hash }, requestHash) {
    await manager.insert(StageEntries, {
      ...{ shopId, jobId: content.job.id, sequence: content.sequence, id: content.id },
      ...{ stage: content.stage, kind: content.kind, personId: content.person.id },
      ...{ content: canonicalText(content), hash, requestHash },
    });
  },
});
