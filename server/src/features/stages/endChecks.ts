import { isBefore, pullsOf, stageState, type KeptStage, type StageEntryKind, type StageFact } from '@kesto/core';
import { STAGE_WORDS } from '@kesto/contract/wording';
import { AppError } from '../../platform/errors';
import type { Job } from '../jobs';
import type { Asked } from './stages.service';

/** What is begun only when the stage before it is done, or was skipped with a reason. */
const COMES_AFTER: Partial<Readonly<Record<StageEntryKind, KeptStage>>> = { 'pull-began': 'hold', 'charge-began': 'pull' };

/** What is noted of a pull names one of this job; no vacuum before the hold, no refrigerant before the vacuum. */
export function checkEnd({ body }: Asked, facts: readonly StageFact[], { began, stage: stored }: Pick<Job, 'began' | 'stage'>): void {
  const named = body.stage === 'pull' ? body.values['pull'] : undefined;
  if (named !== undefined && !pullsOf(facts).some(({ id }) => id === named))
    throw new AppError('INVALID_INPUT', 'values.pull is not a pull of this job', 'values.pull');
  const before = COMES_AFTER[body.kind as StageEntryKind]; // cast: what is about another entry has no row
  const isKept = before !== undefined && !isBefore(before, began) && !isBefore(before, stored);
  if (before && isKept && stageState(facts, before) === 'open')
    throw new AppError('GATE', `Not yet: “${STAGE_WORDS[before]}” comes first. End it, or skip it with the reason.`, 'kind');
}
