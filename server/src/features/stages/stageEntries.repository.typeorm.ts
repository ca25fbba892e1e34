import { canonicalText, type NearKind, type PlaceHistory, type StageEntry, type StageEntryContent } from '@kesto/core';
import { In } from 'typeorm';
import { StageEntries, type StageEntryRow } from '../../platform/db/rows';
import type { ShopWork } from '../../platform/db/shop';
import { jointsBeforeSql, leaksBeforeSql, nearKindsSql } from './stages.sql';

const toEntry = (row: StageEntryRow): StageEntry => ({ content: JSON.parse(row.content) as StageEntryContent, hash: row.hash }); // cast: written by addStageEntry alone

export const stageEntryRowById = ({ shopId, manager }: ShopWork, id: string): Promise<StageEntryRow | null> =>
  manager.findOneBy(StageEntries, { shop_id: shopId, id });

export async function stageEntriesOf({ shopId, manager }: ShopWork, jobIds: readonly string[]): Promise<Map<string, StageEntry[]>> {
  const rows = await manager.find(StageEntries, { where: { shop_id: shopId, job_id: In([...jobIds]) }, order: { sequence: 'ASC' } });
  const byJob = new Map<string, StageEntry[]>(jobIds.map((id) => [id, []]));
  for (const row of rows) byJob.get(row.job_id)?.push(toEntry(row));
  return byJob;
}

export async function addStageEntry({ shopId, manager }: ShopWork, { content, hash }: StageEntry, askedHash: string): Promise<void> {
  await manager.insert(StageEntries, {
    ...{ shop_id: shopId, job_id: content.job.id, sequence: content.sequence, id: content.id },
    ...{ stage: content.stage, kind: content.kind, person_id: content.person.id },
    ...{ content: canonicalText(content), hash, request_hash: askedHash },
  });
}

/** What is kept of a job's stages, and what lies near its planned joints. */
export interface StagesKept {
  readonly entries: readonly StageEntry[];
  readonly near: readonly NearKind[];
}

/** The same two queries for one job as for hundreds. */
export async function stagesOfJobs(
  shop: ShopWork,
  joints: ReadonlyMap<string, readonly { readonly id: string }[]>,
): Promise<Map<string, StagesKept>> {
  const entries = await stageEntriesOf(shop, [...joints.keys()]);
  const ids = [...joints.values()].flat().map((joint) => joint.id);
  const rows = (await shop.manager.query(nearKindsSql, [shop.shopId, ids])) as { joint_id: string; kinds: NearKind[] }[];
  const near = new Map(rows.map((row) => [row.joint_id, row.kinds]));
  return new Map(
    [...joints].map(([job, of]) => [
      job,
      { entries: entries.get(job) ?? [], near: [...new Set(of.flatMap((joint) => near.get(joint.id) ?? []))] },
    ]),
  );
}

/** What is known of a circuit's places from before a job. */
export async function placeHistory(
  { shopId, manager }: ShopWork,
  { jobId, circuitId }: { jobId: string; circuitId: string },
): Promise<PlaceHistory> {
  const about = [shopId, circuitId, jobId];
  const leaks = (await manager.query(leaksBeforeSql, about)) as { place: string; day: string; unit: string | null }[];
  const joints = (await manager.query(jointsBeforeSql, about)) as { place: string; tag: string }[];
  return { leaks: leaks.map(({ place, day, unit }) => ({ place, on: day, ...(unit === null ? {} : { unit }) })), joints };
}
