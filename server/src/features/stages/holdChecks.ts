import { holdsOf, holdState, type StageFact } from '@kesto/core';
import { AppError } from '../../platform/errors';
import type { Asked } from './stages.service';

/** What is noted of a hold names one of this job; it is ended once. */
export function checkHold({ body }: Asked, facts: readonly StageFact[]): void {
  const named = body.stage === 'hold' ? body.values['hold'] : undefined;
  if (named === undefined) return;
  const kept = holdsOf(facts).find(({ id }) => id === named);
  if (!kept) throw new AppError('INVALID_INPUT', 'values.hold is not a hold of this job', 'values.hold');
  const state = holdState(kept);
  if (body.kind === 'hold-ended' && (state === 'ended' || state === 'vented'))
    throw new AppError('OUT_OF_ORDER', 'This hold is ended: begin another.', 'kind');
}
