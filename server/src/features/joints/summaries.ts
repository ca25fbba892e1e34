import type { JointSummary } from '@kesto/contract';
import type { JointRow } from '../../platform/db/rows';
import type { ShopWork } from '../../platform/db/shop';
import { entriesOf, latestPlans } from './joints.repository.typeorm';
import { stateAfter } from './state';

export async function summaries(shop: ShopWork, joints: readonly JointRow[]): Promise<readonly JointSummary[]> {
  const ids = joints.map((j) => j.id);
  const plans = await latestPlans(shop, ids);
  const entries = await entriesOf(shop, ids);
  return joints.map((joint) => ({
    id: joint.id,
    tag: joint.tag,
    title: joint.title,
    state: stateAfter(
      (entries.get(joint.id) ?? []).map((e) => e.content),
      plans.has(joint.id),
    ),
  }));
}
