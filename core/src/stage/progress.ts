import { isBefore, KEPT_STAGES, type KeptStage, type Stage } from '../vocabulary/stage';
import type { StageFact } from './entry';

export const STAGE_STATES = ['open', 'done', 'skipped'] as const;
export type StageState = (typeof STAGE_STATES)[number];

/** How a stage stands: what was said of it last counts. */
export function stageState(facts: readonly StageFact[], stage: KeptStage): StageState {
  const last = facts.findLast((fact) => fact.stage === stage && ['done', 'skipped', 'reopened'].includes(fact.kind));
  return last?.kind === 'done' || last?.kind === 'skipped' ? last.kind : 'open';
}

/** Its end was called done, and nothing was opened anew since. */
export function isHandedOver(facts: readonly StageFact[]): boolean {
  const ended = facts.findLastIndex(({ stage, kind }) => stage === 'hand-over' && kind === 'done');
  return ended >= 0 && !facts.slice(ended + 1).some(({ kind }) => kind === 'reopened');
}

/**
 * The furthest stage that was reached by what is noted of the job itself.
 *
 * @param began   at which its record here began: what lies before is not kept
 * @param stored  where it was put by hand, for jobs from before stages were kept
 */
export function notedStage(facts: readonly StageFact[], began: Stage, stored: Stage): Stage {
  if (isHandedOver(facts)) return 'hand-over';
  const open = BEFORE_JOINTS.find((stage) => !isBefore(stage, began) && !isBefore(stage, stored) && stageState(facts, stage) === 'open');
  const reopened = BEFORE_JOINTS.find((stage) => facts.some((fact) => fact.stage === stage) && stageState(facts, stage) === 'open');
  return reopened ?? open ?? afterJoints(facts, stored);
}

/** Kept stages before the first joint; what comes after the joints waits for them. */
const BEFORE_JOINTS = KEPT_STAGES.filter((stage) => isBefore(stage, 'plan'));

/** After the joints: each stage with what comes when it is done. */
const AFTER_JOINTS = [
  ['hold', 'pull'],
  ['pull', 'charge'],
  ['charge', 'hand-over'],
] as const satisfies readonly (readonly [KeptStage, Stage])[];

/** By what was called done after the joints; a stage that was opened anew comes first. */
function afterJoints(facts: readonly StageFact[], stored: Stage): Stage {
  let stands = isBefore(stored, 'plan') ? 'plan' : stored;
  for (const [stage, next] of AFTER_JOINTS) {
    const isOpen = stageState(facts, stage) === 'open';
    if (isOpen && facts.some((fact) => fact.stage === stage && fact.kind === 'reopened')) return stage;
    if (isOpen && !isBefore(stage, stands)) return stands;
    if (!isOpen && isBefore(stands, next)) stands = next;
  }
  return stands;
}

/** Kept stages before the last that nobody ended, though the job came by them: named to whoever signs. */
export const stagesNotEnded = (facts: readonly StageFact[], began: Stage): readonly KeptStage[] =>
  KEPT_STAGES.filter((stage) => stage !== 'hand-over' && !isBefore(stage, began) && stageState(facts, stage) === 'open');

/** Whom a stage waits for, and for what; null once anything was noted in it since. */
export function waitsFor(facts: readonly StageFact[], stage: KeptStage): { what: string; forWhom: string } | null {
  const last = facts.findLast((fact) => fact.stage === stage);
  return last?.kind === 'waiting' ? last.values : null;
}
