import type { CircuitGraph } from '../circuit/graph';
import { highParts } from '../circuit/graph';
import { hold, type Hold } from '../hold/hold';
import { wantedLeakPaM3S } from '../hold/refrigerantLeak';
import type { HeldSide, HoldRequest } from '../hold/request';
import { isolate } from '../isolate/isolate';
import { planJoint } from '../plan/planJoint';
import { isTabled } from '../refrigerant/saturation';
import type { SafetyClass } from '../refrigerant/safetyClasses';
import type { CalcError } from '../errors';
import { fail, ok, type Result } from '../result';
import { lastOf, type StageFact } from '../stage/entry';
import { foundOnLowSide, lossOf } from '../stage/loss';
import { worthRepairing } from '../stage/worth';
import { figuresOf } from './figuresOf';
import type { Told, Worked, WorkedKind } from './kinds';

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
}

/** What is held when a flame is lit. */
export type HeldAtFlame = Worked<'brazed'>;

/** The hold's samples are the two readings that were told. */
const toldField = (error: CalcError): CalcError => {
  if (!('field' in error)) return error;
  const field = error.field.replace('samples[0].sun', 'inSun.start').replace('samples[1].sun', 'inSun.end');
  return { ...error, field: field.replace(/^samples\[0\]/, 'start').replace(/^samples\[1\]/, 'end') };
};

/** A hold has to see so much less than what is lost: it may come from more than one place. Trade habit: editable. */
const WANTED_SHARE = 1 / 3;

/** On which side a section stands in service: low only where all of it does. */
function sideOf(parts: readonly string[], graph: CircuitGraph): HeldSide {
  const high = highParts(graph);
  return parts.every((id) => !high.has(id)) ? 'low' : 'high';
}

/** What the engine is asked of a hold that was told: the leak looked for is a third of what of the loss nothing explains yet, else a tenth of the charge. */
export function holdRequestOf(
  told: Told<'section-hold'>,
  held: Pick<HeldFor, 'refrigerant' | 'altitudeM' | 'facts' | 'graph'>,
): HoldRequest {
  const { refrigerant, facts } = held;
  const { volume, gauge, temperatureUncertaintyK, start, inSun, supplyShut = false } = told;
  const altitude = { value: held.altitudeM, unit: 'm' };
  const side = sideOf(told.parts, held.graph);
  const loss = lossOf(facts);
  const gramsPerYear = loss ? WANTED_SHARE * (loss.gramsPerYear - loss.explainedGramsPerYear) : 0;
  const wanted = wantedLeakPaM3S({ refrigerant, gramsPerYear, ...start, altitude, side });
  const chargeKg = lastOf(facts, 'loss')?.values.chargeKg;
  return {
    ...(wanted === null ? {} : { wantedLeakPaM3S: wanted }),
    ...(chargeKg === undefined || chargeKg === 0 ? {} : { charge: { value: chargeKg, unit: 'kg' } }),
    // Of one that is on no list the leak is told, not its grams.
    ...(isTabled(refrigerant) ? { refrigerant } : {}),
    ...{ volume, gauge, temperatureUncertaintyK, altitude, side, supplyShut },
    samples: [
      { seconds: 0, ...told.start, ...(inSun && { sun: inSun.start }) },
      { seconds: told.minutes * 60, ...told.end, ...(inSun && { sun: inSun.end }) },
    ],
  };
}

/** What of a hold's answer is kept. */
export const heldFigures = (found: Hold): Worked<'section-hold'> => {
  const {
    verdict,
    leakPaM3S,
    smallestSeenPaM3S,
    gramsPerYear,
    gramsPerYearSeen,
    gramsPerYearRunning,
    wantedLeakPaM3S: wanted,
    reasons,
  } = found;
  return { verdict, leakPaM3S, smallestSeenPaM3S, gramsPerYear, gramsPerYearSeen, gramsPerYearRunning, wantedLeakPaM3S: wanted, reasons };
};

function workOutHold(told: Told<'section-hold'>, held: HeldFor): Result<Worked<'section-hold'>> {
  const answer = hold(holdRequestOf(told, held));
  if (!answer.ok) return fail(...answer.errors.map(toldField));
  return ok(heldFigures(answer.value));
}

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
  'section-hold': workOutHold,
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
