import type { JobView, JointView } from '@kesto/contract';
import { isColdMethod, joiningOf, type ColdMethod } from '@kesto/core';
import { factsOfJob } from '@/data/stages/pendingStages';

/** How a joint is joined without a flame, where that was decided for its part; null where a flame makes it. */
export function coldMethodOf({ at }: Pick<JointView, 'at'>, { stages }: JobView): ColdMethod | null {
  const method = at ? joiningOf(factsOfJob(stages)).get(at.part) : undefined;
  return isColdMethod(method) ? method : null;
}
