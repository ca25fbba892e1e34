import { isColdMethod } from '../cold/cold';
import type { JointPlace } from '../circuit/jointAt';
import { isKeptStage, type KeptStage, type Stage } from '../vocabulary/stage';
import { jobStage } from '../record/jobStage';
import type { JointState } from '../record/state';
import { isLeftAlone, openOfBends, ownerSaidNo } from './bends';
import { factsOf, lastOf, type StageFact } from './entry';
import { openGates, openPriceChecks, type GateCode } from './gates';
import { lastHold, underPressure } from './holdGates';
import { holdState } from './holds';
import { joiningOf } from './joining';
import { isHandedOver, notedStage, waitsFor } from './progress';
import { lastPull, pullState, rigHolds } from './pulls';
import { torchPoints, watchOf, type TorchFacts, type TorchPoint } from './torch';

export type NextStep =
  | 'note-complaint'
  | 'note-loss'
  | 'check-a-place'
  | 'look-on'
  | 'end-find'
  | 'wait'
  | 'choose-isolation'
  | 'answer-price-check'
  | 'ask-approval'
  | 'end-decide'
  | 'answer-point'
  | 'end-make-safe'
  | 'add-joint'
  | 'plan-joint'
  | 'braze-joint'
  | 'join-cold'
  | 'look-joint'
  | 'hold'
  | 'hold-on'
  | 'find-the-leak'
  | 'let-down'
  | 'soap'
  | 'end-hold'
  | 'rig-alone'
  | 'pull'
  | 'pull-on'
  | 'watch-rise'
  | 'not-dry-yet'
  | 'end-pull'
  | 'charge'
  | 'weigh-in'
  | 'before-start'
  | 'read-settled'
  | 'end-charge'
  | 'answer-handed'
  | 'answer-bend'
  | 'sign-off'
  | 'end-hand-over'
  | 'handed-over'
  | 'finish';

/** What comes next in a job: on today, on the job, in every pill. */
export interface Next {
  readonly stage: Stage;
  readonly step: NextStep;
  readonly joint?: string;
  readonly point?: TorchPoint;
  /** Whom it waits for. */
  readonly by?: string;
  /** The gate that asks for it, where one does. */
  readonly why?: GateCode;
}

/** A job as far as its next step goes. */
export interface JobFacts extends TorchFacts {
  readonly facts: readonly StageFact[];
  /** When the last flame was lit at one of its joints; null where none was. */
  readonly lastFlame: string | null;
  readonly began: Stage;
  readonly stored: Stage;
  readonly joints: readonly { readonly id: string; readonly state: JointState; readonly at?: JointPlace | null }[];
}

/** The torch's own list is asked in no stage but one. */
const NOT_THE_TORCH: TorchFacts = { safetyClass: null, refrigerant: null, near: [] };

function nextInFind({ facts }: JobFacts): Next {
  const stage = 'find';
  const gates = openGates(facts, stage, NOT_THE_TORCH);
  if (!lastOf(facts, 'complaint')) return { stage, step: 'note-complaint' };
  if (factsOf(facts, 'checked-place').length + factsOf(facts, 'section-hold').length === 0) return { stage, step: 'check-a-place' };
  const [first] = gates;
  return first ? { stage, step: 'look-on', why: first.gate } : { stage, step: 'end-find' };
}

function nextInDecide({ facts }: JobFacts): Next {
  const stage = 'decide';
  const [gate] = openGates(facts, stage, NOT_THE_TORCH);
  if (!lastOf(facts, 'isolation')) return { stage, step: 'choose-isolation' };
  if (gate && openPriceChecks(facts).length > 0) return { stage, step: 'answer-price-check', why: gate.gate };
  return gate ? { stage, step: 'ask-approval', why: gate.gate } : { stage, step: 'end-decide' };
}

function nextInMakeSafe(job: JobFacts): Next {
  const stage = 'make-safe';
  const about = { ...job, hotJoints: job.joints.length };
  const gates = openGates(job.facts, stage, about);
  for (const { point } of torchPoints(job.facts, about)) {
    const gate = gates.find(({ open }) => open.includes(point));
    if (gate) return { stage, step: 'answer-point', point, why: gate.gate };
  }
  return { stage, step: 'end-make-safe' };
}

/** Its joints are made: one hold after the other, each let down, until one is tight and all is soaped. */
function nextInHold({ facts, joints }: JobFacts): Next {
  const stage = 'hold';
  const running = underPressure(facts).at(-1);
  if (running && holdState(running) !== 'ended') return { stage, step: 'hold-on' };
  if (running) return { stage, step: 'let-down' };
  const gates = openGates(facts, stage, { ...NOT_THE_TORCH, joints });
  const isOpen = (gate: GateCode) => gates.some((one) => one.gate === gate);
  if (isOpen('no-hold')) return { stage, step: lastHold(facts)?.ended?.values.verdict === 'leaking' ? 'find-the-leak' : 'hold' };
  return isOpen('not-soaped') ? { stage, step: 'soap', why: 'not-soaped' } : { stage, step: 'end-hold' };
}

/** Proven tight: the rig alone, then down until a rise is dry. */
function nextInPull({ facts }: JobFacts): Next {
  const stage = 'pull';
  const pull = lastPull(facts);
  if (!rigHolds(facts)) return { stage, step: 'rig-alone', why: 'rig-not-alone' };
  if (!pull) return { stage, step: 'pull' };
  const state = pullState(pull);
  if (state !== 'judged') return { stage, step: state === 'watching' ? 'watch-rise' : 'pull-on' };
  const [gate] = openGates(facts, stage, NOT_THE_TORCH);
  return gate ? { stage, step: 'not-dry-yet', why: gate.gate } : { stage, step: 'end-pull' };
}

const STEP_OF_CHARGE: Readonly<Partial<Record<GateCode, NextStep>>> = {
  'no-charge': 'charge',
  'not-charged': 'weigh-in',
  'not-before-start': 'before-start',
  'not-settled': 'read-settled',
};

function nextInCharge({ facts }: JobFacts): Next {
  const [gate] = openGates(facts, 'charge', NOT_THE_TORCH);
  return gate ? { stage: 'charge', step: STEP_OF_CHARGE[gate.gate] ?? 'charge', why: gate.gate } : { stage: 'charge', step: 'end-charge' };
}

function nextInHandOver(job: JobFacts): Next {
  const stage = 'hand-over';
  const [gate] = openGates(job.facts, stage, job);
  if (!gate) return { stage, step: 'end-hand-over' };
  return { stage, step: gate.gate === 'not-signed' ? 'sign-off' : 'answer-handed', why: gate.gate };
}

/** What comes next in each stage while it is open. */
export const NEXT_IN_STAGE: Readonly<Record<KeptStage, (job: JobFacts) => Next>> = {
  find: nextInFind,
  decide: nextInDecide,
  'make-safe': nextInMakeSafe,
  hold: nextInHold,
  pull: nextInPull,
  charge: nextInCharge,
  'hand-over': nextInHandOver,
};

const AT_THE_TORCH: readonly JointState[] = ['planned', 'rework', 'sent-back'];

/** Joints whose part is joined without a flame: they need no plan, their own checks stand for it. */
function coldJoints({ facts, joints }: JobFacts): ReadonlySet<string> {
  const last = joiningOf(facts);
  return new Set(joints.flatMap(({ id, at }) => (at && isColdMethod(last.get(at.part)) ? [id] : [])));
}

function nextByJoints(stage: Stage, job: JobFacts): Next {
  const { joints } = job;
  const cold = coldJoints(job);
  const first = (states: readonly JointState[]) => joints.find(({ id, state }) => states.includes(state) && !cold.has(id))?.id;
  const unplanned = first(['not-planned']);
  if (unplanned !== undefined) return { stage, step: 'plan-joint', joint: unplanned };
  const toJoin = joints.find(({ id, state }) => cold.has(id) && ['not-planned', ...AT_THE_TORCH].includes(state))?.id;
  const toBraze = first(AT_THE_TORCH);
  if (toBraze !== undefined) return { stage, step: 'braze-joint', joint: toBraze };
  if (toJoin !== undefined) return { stage, step: 'join-cold', joint: toJoin };
  const toLook = joints.find(({ state }) => state === 'brazed')?.id;
  if (toLook !== undefined) return { stage, step: 'look-joint', joint: toLook };
  if (joints.length === 0) return { stage, step: 'add-joint' };
  return { stage, step: 'finish' };
}

/** How its joints stand; what is joined cold is as good as planned. */
function statesOf(job: JobFacts): readonly JointState[] {
  const cold = coldJoints(job);
  return job.joints.map(({ id, state }) => (cold.has(id) && state === 'not-planned' ? 'planned' : state));
}

/** What comes next in a stage, where nothing that bends the job is asked first. */
function nextOfKept(stage: KeptStage, job: JobFacts): Next {
  const next = NEXT_IN_STAGE[stage](job);
  const asks =
    (stage === 'hold' && isLeftAlone(job.facts)) ||
    next.why === 'bend-open' ||
    (next.step.startsWith('end-') && openOfBends(job.facts, stage).length > 0);
  return asks ? { stage, step: 'answer-bend', why: 'bend-open' } : next;
}

/**
 * What comes next in a job, from its entries alone: the same on phone and server.
 *
 * @source  the order of work: find, decide, make safe, then joint by joint
 */
export function nextOf(job: JobFacts): Next {
  if (isHandedOver(job.facts)) return { stage: 'hand-over', step: 'handed-over' };
  if (ownerSaidNo(job.facts)) return nextOfKept('hand-over', job);
  const noted = notedStage(job.facts, job.began, job.stored);
  const stage = jobStage(noted, statesOf(job));
  if (!isKeptStage(stage)) return nextByJoints(stage, job);
  const waiting = waitsFor(job.facts, stage);
  if (waiting) return { stage, step: 'wait', by: waiting.forWhom };
  return nextOfKept(stage, job);
}

/** Where a job stands by its own entries and its joints, what comes next, and the watch that runs. */
export function standingOf(job: JobFacts) {
  const states = statesOf(job);
  const watch = watchOf(job.facts, job.lastFlame);
  return {
    stage: jobStage(notedStage(job.facts, job.began, job.stored), states),
    next: nextOf(job),
    watch: watch && (watch.endedAt === null || watch.isNotWitnessed) ? watch : null,
  };
}
