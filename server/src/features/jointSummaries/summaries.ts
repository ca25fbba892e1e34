import type { JointSummary } from '@kesto/contract';
import { stateAfter } from '@kesto/core';
import type { ShopWork } from '../shopWork';
import type { Joint } from '../joints';

/** Where joints stand, in two queries however many they are. */
export async function summaries(shop: ShopWork, joints: readonly Joint[]): Promise<readonly JointSummary[]> {
  const ids = joints.map((j) => j.id);
  const chosen = await shop.plans.chosenFillers(ids);
  const facts = await shop.records.factsOf(ids);
  return joints.map(({ id, tag, title, calledAs, at }) => {
    const filler = chosen.get(id);
    const state = stateAfter(facts.get(id) ?? [], filler !== undefined);
    return { id, tag, title, at, state, ...(filler === undefined ? {} : { filler }), ...(calledAs === null ? {} : { calledAs }) };
  });
}
