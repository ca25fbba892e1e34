import type { JointSummary } from '@kesto/contract';
import { stateAfter } from '@kesto/core';
import type { JointRow } from '../../platform/db/rows';
import type { ShopWork } from '../../platform/db/shop';
import { entryFactsOf, plannedAmong } from './joints.repository.typeorm';

/** Where joints stand, in two queries however many they are. */
export async function summaries(shop: ShopWork, joints: readonly JointRow[]): Promise<readonly JointSummary[]> {
  const ids = joints.map((j) => j.id);
  const planned = await plannedAmong(shop, ids);
  const facts = await entryFactsOf(shop, ids);
  return joints.map(({ id, tag, title, at }) => ({ id, tag, title, at, state: stateAfter(facts.get(id) ?? [], planned.has(id)) }));
}
