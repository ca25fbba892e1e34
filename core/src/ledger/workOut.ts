import type { CircuitGraph } from '../circuit/graph';
import { isolate } from '../isolate/isolate';
import { planJoint } from '../plan/planJoint';
import type { SafetyClass } from '../refrigerant/safetyClasses';
import { ok, type Result } from '../result';
import type { StageFact } from '../stage/entry';
import { foundOnLowSide } from '../stage/loss';
import { worthRepairing } from '../stage/worth';
import { figuresOf } from './figuresOf';
import type { Told, Worked, WorkedKind } from './kinds';
import { workOutCharged, workOutChargeBegan } from './workOutCharge';
import { workOutHeat } from './workOutHeat';
import { workOutPullBegan, workOutRigAlone, workOutRise, type LivePulled } from './workOutPull';
import { workOutHoldEnded, type LiveHeld } from './judgeHold';
import { workOutHoldBegan, workOutSectionHold } from './workOutHold';

/** What is held beside what is told: the drawing it was told of, the plate, the place, what was noted before. */
export interface HeldFor {
  readonly graph: CircuitGraph;
  readonly refrigerant: string;
  readonly safetyClass: SafetyClass | null;
  readonly altitudeM: number;
  readonly facts: readonly StageFact[];
  /** Leaks found on this machine in its jobs before this one. */
  readonly earlierFinds: number;
  /** Of the engine that works it out. */
  readonly engineVersion: string;
  /** The plate's limits [Pa gauge]; left out where nobody read one. */
  readonly plate?: { readonly lowPa: number; readonly highPa: number };
  /** By the plate; left out where nobody knows. */
  readonly chargeKg?: number;
}

/** What is held when a flame is lit. */
export type HeldAtFlame = Worked<'brazed'>;

/** The drawing with its compressors running, or not. */
export const withCompressors = (graph: CircuitGraph, runs: boolean): CircuitGraph => ({
  ...graph,
  parts: graph.parts.map((part) => (part.kind === 'compressor' ? { ...part, runs } : part)),
});

/** Valves to close, and what stays full, belong to the advised way alone: another one is the person's own. */
function workOutIsolation(
  told: Told<'isolation'>,
  { graph, refrigerant, safetyClass, engineVersion, facts }: HeldFor,
): Result<Worked<'isolation'>> {
  const { airInside, jointOpen, lowSidePressure, compressorKind } = told;
  const lowSideLeak = told.lowSideLeak ?? (foundOnLowSide(facts, graph) ? true : undefined);
  const answer = isolate({
    ...{ circuit: withCompressors(graph, told.runs), work: told.work, refrigerant, ...(safetyClass && { safetyClass }) },
    state: {
      ...{ airInside, jointOpen },
      ...(lowSideLeak === undefined ? {} : { lowSideLeak }),
      ...(compressorKind === undefined ? {} : { compressorKind }),
      ...(lowSidePressure ? { lowSidePressure } : {}),
    },
    ...(told.chargeKg === undefined ? {} : { charge: { value: told.chargeKg, unit: 'kg' } }),
  });
  if (!answer.ok) return answer;
  const { method: advised, open, close, closeAfter, staysFull } = answer.value;
  const way = told.method === advised ? { open, close, closeAfter, staysFull } : { open: [], close: [], closeAfter: [], staysFull: [] };
  return ok({ advised, ...way, engineVersion });
}

function workOutWorth(
  { ageYears, inWarranty, repair, replacement }: Told<'worth'>,
  { earlierFinds }: Held<'worth'>,
): Result<Worked<'worth'>> {
  return ok({ earlierFinds, advice: worthRepairing({ ageYears, inWarranty, repair, replacement, earlierFinds }).advice });
}

/** A plan as it was kept is frozen as it stands; this is for whoever checks it by the same engine. */
function workOutPlan({ request, chosen }: Told<'planned-anew'>): Result<Worked<'planned'>> {
  const plan = planJoint({ ...request, choose: chosen });
  return plan.ok ? ok({ plan: figuresOf(plan.value) }) : plan;
}

/** What each kind is worked out from, beside what is told. */
interface HeldBy {
  readonly 'hold-began': HeldFor;
  readonly 'hold-ended': HeldFor & { readonly live?: LiveHeld };
  readonly 'rig-alone': unknown;
  readonly 'pull-began': HeldFor;
  readonly rise: HeldFor & { readonly vacuum?: LivePulled };
  readonly 'charge-began': HeldFor;
  readonly charged: HeldFor;
  readonly 'heat-check': Pick<HeldFor, 'altitudeM'>;
  readonly 'section-hold': HeldFor;
  readonly isolation: HeldFor;
  readonly worth: Pick<HeldFor, 'earlierFinds'>;
  readonly planned: unknown;
  readonly 'planned-anew': unknown;
  readonly lit: HeldAtFlame;
  readonly brazed: HeldAtFlame;
  readonly reworked: HeldAtFlame;
}
export type Held<K extends WorkedKind> = HeldBy[K];

const WORK_OUT: { readonly [K in WorkedKind]: (told: Told<K>, held: Held<K>) => Result<Worked<K>> } = {
  'section-hold': workOutSectionHold,
  'hold-began': workOutHoldBegan,
  'hold-ended': workOutHoldEnded,
  'rig-alone': workOutRigAlone,
  'pull-began': workOutPullBegan,
  rise: workOutRise,
  'charge-began': workOutChargeBegan,
  charged: workOutCharged,
  'heat-check': workOutHeat,
  isolation: workOutIsolation,
  worth: workOutWorth,
  planned: workOutPlan,
  'planned-anew': workOutPlan,
  lit: (_told, held) => ok(held),
  brazed: (_told, held) => ok(held),
  reworked: (_told, held) => ok(held),
};

/**
 * What Kesto makes of what a person told, from what it holds itself: never what a device says that it made of it.
 *
 * @param kind  of which something is worked out
 * @param told  as it fits the fields of the kind
 * @param held  drawing, plate and place of the job, and what was noted in it before
 * @returns     the values that are worked out; refused by the field that was told
 */
export const workOut = <K extends WorkedKind>(kind: K, told: Told<K>, held: Held<K>): Result<Worked<K>> =>
  (WORK_OUT[kind] as (told: Told<K>, held: Held<K>) => Result<Worked<K>>)(told, held); // cast: the row of this very kind
