import type { NearKind, StageEntry } from '@kesto/core';
import type { ShopWork } from '../shopWork';

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
  const entries = await shop.stageEntries.of([...joints.keys()]);
  const near = await shop.stageEntries.nearOf([...joints.values()].flat().map((joint) => joint.id));
  const nearAny = (of: readonly { readonly id: string }[]) => [...new Set(of.flatMap((joint) => near.get(joint.id) ?? []))];
  return new Map([...joints].map(([job, of]) => [job, { entries: entries.get(job) ?? [], near: nearAny(of) }]));
}
