import { isBefore, type KeptStage, type Stage } from '../vocabulary/stage';
import { POINT_ROWS } from '../ledger/pointRows';
import { openOfBends, otherRosePa } from './bends';
import { chargeGates, handOverGates, pullGates } from './endGates';
import { factsOf, lastOf, type FactOf, type StageFact } from './entry';
import { lastHold, notSoaped, underPressure, type HeldJoint } from './holdGates';
import { isExplained, lookedOn, lossOf } from './loss';
import { lastSaidOf, torchPoints, type TorchFacts } from './torch';
import { TORCH_POINTS, type GateCode, type TorchPoint } from '../ledger/words';

export { GATES, type GateCode } from '../ledger/words';

/** What keeps a stage from being called done: which gate, and what of it is open. */
export interface OpenGate {
  readonly gate: GateCode;
  readonly open: readonly (TorchPoint | string)[];
  /** It protects people: a lead or an admin overrules it, nobody else. */
  readonly protectsPeople: boolean;
}

/** Gates that protect people. */
export const PROTECTS: readonly GateCode[] = ['torch', 'under-pressure'];

/** What was asked to be looked at before a price is named, and was not yet. */
export function openPriceChecks(facts: readonly StageFact[]): readonly string[] {
  const answered = new Set(factsOf(facts, 'price-check').map((fact) => fact.values.of));
  return factsOf(facts, 'price-held-until')
    .map((fact) => fact.values.check)
    .filter((check) => !answered.has(check));
}

function findGates(facts: readonly StageFact[]): readonly OpenGate[] {
  const stopped = lastOf(facts, 'stopped-looking') !== undefined;
  const gate = (code: GateCode, isOpen: boolean): readonly OpenGate[] => (isOpen ? [{ gate: code, open: [], protectsPeople: false }] : []);
  return [...gate('loss-not-explained', !stopped && !isExplained(lossOf(facts))), ...gate('not-looked-on', !stopped && !lookedOn(facts))];
}

function decideGates(facts: readonly StageFact[]): readonly OpenGate[] {
  const checks = openPriceChecks(facts);
  const approved = lastOf(facts, 'approval') !== undefined;
  return [
    ...(checks.length > 0 ? [{ gate: 'price-checks-open', open: checks, protectsPeople: false } as const] : []),
    ...(approved ? [] : [{ gate: 'not-approved', open: [], protectsPeople: false } as const]),
  ];
}

function safeGates(facts: readonly StageFact[], about: TorchFacts): readonly OpenGate[] {
  const open = torchPoints(facts, about).filter((point) => point.isOpen);
  const locking = open.filter((point) => point.locksTorch).map((point) => point.point);
  const others = open.filter((point) => !point.locksTorch).map((point) => point.point);
  return [
    ...(locking.length > 0 ? [{ gate: 'torch', open: locking, protectsPeople: true } as const] : []),
    ...(others.length > 0 ? [{ gate: 'stage-points-open', open: others, protectsPeople: false } as const] : []),
  ];
}

/** What gates are made from: the torch's list, and the joints of the job. */
export type GateFacts = TorchFacts & { readonly joints?: readonly HeldJoint[] };

/** Proven tight against the leak that is looked for, every joint and hose soaped, nothing left under pressure. */
function holdGates(facts: readonly StageFact[], { joints = [] }: GateFacts): readonly OpenGate[] {
  const soap = notSoaped(facts, joints);
  return [
    ...(lastHold(facts)?.ended?.values.verdict === 'tight' ? [] : [{ gate: 'no-hold', open: [], protectsPeople: false } as const]),
    ...(soap.length > 0 ? [{ gate: 'not-soaped', open: soap, protectsPeople: false } as const] : []),
    ...(underPressure(facts).length > 0 ? [{ gate: 'under-pressure', open: [], protectsPeople: true } as const] : []),
  ];
}

/** What bends the job asks before this stage is done. */
function bendGates(facts: readonly StageFact[], stage: KeptStage): readonly OpenGate[] {
  const open = openOfBends(facts, stage);
  const gate = (code: GateCode, points: readonly string[]): OpenGate => ({ gate: code, open: points, protectsPeople: false });
  return [
    ...(open.length > 0 ? [gate('bend-open', open)] : []),
    ...(stage === 'hold' && otherRosePa(facts) !== null ? [gate('other-circuit-rose', [])] : []),
  ];
}

type GatesOf = (facts: readonly StageFact[], about: GateFacts) => readonly OpenGate[];

/** What keeps each stage from being called done: a stage without its row does not compile, so that none falls to another's. */
export const STAGE_GATES: Readonly<Record<KeptStage, GatesOf>> = {
  find: findGates,
  decide: decideGates,
  'make-safe': safeGates,
  hold: holdGates,
  pull: pullGates,
  charge: chargeGates,
  'hand-over': handOverGates,
};

/** What was overruled of a gate in a stage, since it was opened anew. */
function overrulingsOf(facts: readonly StageFact[], stage: KeptStage, gate: GateCode): readonly FactOf<'overruled'>[] {
  const from = facts.findLastIndex((fact) => fact.stage === stage && fact.kind === 'reopened');
  return factsOf(facts.slice(from + 1), 'overruled').filter((fact) => fact.stage === stage && fact.values.gate === gate);
}

const isTorchPoint = (point: string): point is TorchPoint => (TORCH_POINTS as readonly string[]).includes(point);

/** By name, and only until the point is answered anew and worse: zero and open, and the air, by nobody. */
function isLifted(facts: readonly StageFact[], overrulings: readonly FactOf<'overruled'>[], point: string): boolean {
  if (!isTorchPoint(point)) return overrulings.length > 0;
  if (POINT_ROWS[point].neverOverruled) return false;
  const last = overrulings.findLast(({ values }) => values.points?.includes(point) ?? true);
  const said = lastSaidOf(facts, point);
  return last !== undefined && (said === null || facts.indexOf(said) < facts.indexOf(last));
}

/** What of a gate is still open; null where nothing is. */
function leftOf(facts: readonly StageFact[], stage: KeptStage, gate: OpenGate): OpenGate | null {
  const overrulings = overrulingsOf(facts, stage, gate.gate);
  if (gate.open.length === 0) return overrulings.length > 0 ? null : gate;
  const open = gate.open.filter((point) => !isLifted(facts, overrulings, point));
  return open.length > 0 ? { ...gate, open } : null;
}

/**
 * Gates of a stage that are open, each with what of it nobody overruled.
 *
 * @source  the stages' own rules: nobody leaves with less than half of the loss explained, nor after the first find; no work without a yes
 *          where a yes is needed; no torch while anything that protects people is open
 */
export const openGates = (facts: readonly StageFact[], stage: KeptStage, about: GateFacts): readonly OpenGate[] =>
  [...bendGates(facts, stage), ...STAGE_GATES[stage](facts, about)].flatMap((gate) => leftOf(facts, stage, gate) ?? []);

/** Whether a job's record knows of its making safe: jobs from before stages were kept do not, and are not locked for it. */
export const keepsMakeSafe = ({ facts, began, stored }: { facts: readonly StageFact[]; began: Stage; stored: Stage }): boolean =>
  facts.some((fact) => fact.stage === 'make-safe') || (isBefore(stored, 'plan') && !isBefore('make-safe', began));

/**
 * Whether a flame may be lit on this job.
 *
 * @returns  what locks it; null where nothing does: all answered, or overruled by a lead. Skipping the stage overrules all that can be
 */
export function torchLock(facts: readonly StageFact[], about: TorchFacts): OpenGate | null {
  const gate = openGates(facts, 'make-safe', about).find((open) => open.gate === 'torch') ?? null;
  const skipped = facts.findLast((fact) => fact.stage === 'make-safe' && ['skipped', 'reopened'].includes(fact.kind))?.kind === 'skipped';
  if (!gate || !skipped) return gate;
  const open = gate.open.filter((point) => isTorchPoint(point) && POINT_ROWS[point].neverOverruled);
  return open.length > 0 ? { ...gate, open } : null;
}
