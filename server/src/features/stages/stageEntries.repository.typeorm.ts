import type { UnitLeak } from '@kesto/contract';
import { canonicalText, type NearKind, type StageEntry, type StageEntryContent } from '@kesto/core';
import { In } from 'typeorm';
import { StageEntries } from '../../platform/db/rows';
import type { ShopTransaction } from '../../platform/db/shop';
import type { StageEntryRepository } from './stageEntries.repository';
import { jointsBeforeSql, leaksBeforeSql, leaksOfCircuitsSql, nearKindsSql } from './stages.sql';

const toEntry = (row: { content: string; hash: string }): StageEntry => ({
  content: JSON.parse(row.content) as StageEntryContent, // cast: written by `add` alone
  hash: row.hash,
});

export const typeormStageEntries = ({ shopId, manager }: ShopTransaction): StageEntryRepository => ({
  requestHashOf: async (entryId) => (await manager.findOneBy(StageEntries, { shopId, id: entryId }))?.requestHash ?? null,
  async of(jobIds) {
    const rows = await manager.find(StageEntries, { where: { shopId, jobId: In([...jobIds]) }, order: { sequence: 'ASC' } });
    const byJob = new Map<string, StageEntry[]>(jobIds.map((id) => [id, []]));
    for (const row of rows) byJob.get(row.jobId)?.push(toEntry(row));
    return byJob;
  },
  async nearOf(jointIds) {
    const rows = (await manager.query(nearKindsSql, [shopId, jointIds])) as { joint_id: string; kinds: NearKind[] }[];
    return new Map(rows.map((row) => [row.joint_id, row.kinds]));
  },
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
