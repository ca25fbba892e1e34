import { highParts, type CircuitGraph, type CircuitPart } from '../circuit/graph';
import type { CalcError } from '../errors';
import { hold, type Hold } from '../hold/hold';
import { wantedLeakPaM3S } from '../hold/refrigerantLeak';
import type { HeldSide, HoldRequest } from '../hold/request';
import { planHold, type HoldPlan } from '../holdPlan/planHold';
import { planRig } from '../holdPlan/planRig';
import { holdStepsPa, keepAwayM, storedEnergyJ } from '../holdPlan/steps';
import { isCarbonDioxide } from '../refrigerant/safetyClasses';
import { isTabled } from '../refrigerant/saturation';
import { fail, ok, type Result } from '../result';
import { lastOf } from '../stage/entry';
import { lossOf } from '../stage/loss';
import { FieldReader } from '../unit/fieldReader';
import type { Quantity } from '../unit/units';
import type { Told, Worked } from './kinds';
import type { HeldFor } from './workOut';

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

export function workOutSectionHold(told: Told<'section-hold'>, held: HeldFor): Result<Worked<'section-hold'>> {
  const answer = hold(holdRequestOf(told, held));
  if (!answer.ok) return fail(...answer.errors.map(toldField));
  return ok(heldFigures(answer.value));
}

/** A part that was taken off and plugged: a piece of tube, as far as a hold goes. */
function plugged(graph: CircuitGraph, takenOff: readonly string[]): CircuitGraph {
  const plug = ({ id, name }: CircuitPart): CircuitPart => ({ id, kind: 'fitting', ...(name === undefined ? {} : { name }) });
  return { ...graph, parts: graph.parts.map((part) => (takenOff.includes(part.id) ? plug(part) : part)) };
}

/** What a hold is worked out from. */
export type WorkedHoldFor = Pick<HeldFor, 'graph' | 'refrigerant' | 'altitudeM' | 'facts' | 'plate' | 'chargeKg'>;
const barg = (gaugePa: number): Quantity => ({ value: gaugePa / 1e5, unit: 'barg' });

/** The leak that a hold is to see: a third of what was lost and nothing explains, else a tenth of the charge a year; null where neither is known. */
function wantedOf(told: Told<'hold-began'>, held: WorkedHoldFor): number | null {
  const { refrigerant, facts, chargeKg } = held;
  const loss = lossOf(facts);
  const grams = loss ? WANTED_SHARE * loss.gramsPerYear : (chargeKg ?? 0) * 1000 * SHARE_OF_CHARGE;
  const altitude = { value: held.altitudeM, unit: 'm' };
  const { pressure, ambient: temperature } = told;
  return wantedLeakPaM3S({ refrigerant, gramsPerYear: grams, pressure, temperature, altitude, side: sideOf(told.parts, held.graph) });
}
/** Where nothing was said of a loss. Trade habit: editable. */
const SHARE_OF_CHARGE = 0.1;

/**
 * The engine's plan of a hold as it is told: limits, reach, steps, energy.
 *
 * @param told  as for `hold-began`; its pressure decides nothing but the leak that is looked for
 * @returns     as `planHold`; refused by the plan's own fields
 */
export const planOfHold = (told: Told<'hold-began'>, held: WorkedHoldFor): Result<HoldPlan> => planOf(told, held, wantedOf(told, held));

/** What is asked of the engine for a hold that is to begin. */
function planOf(told: Told<'hold-began'>, held: WorkedHoldFor, wanted: number | null): Result<HoldPlan> {
  const { parts, at, rig, gauge, ambient, hottest, practice, volume, compressorKind, temperatureUncertaintyK } = told;
  const altitude = { value: held.altitudeM, unit: 'm' };
  const common = {
    ...{ gauge, ambient, practice, volume, temperatureUncertaintyK, refrigerant: held.refrigerant },
    ...(hottest ? { hottest } : {}),
    ...(wanted === null ? {} : { wantedLeakPaM3S: wanted }),
  };
  if (rig) return planRig({ altitude, ...common, pressure: told.pressure });
  return planHold({
    altitude,
    gas: told.gas,
    plan: {
      ...common,
      ...{ circuit: plugged(held.graph, told.takenOff ?? []), section: parts, at: at ?? parts[0] ?? '' },
      ...(compressorKind ? { compressorKind } : {}),
      ...(held.plate ? { plate: { lowSide: barg(held.plate.lowPa), highSide: barg(held.plate.highPa) } } : {}),
    },
  });
}

/** The plan's own fields, as they stand in the entry. */
const toldOfPlan = (error: CalcError): CalcError =>
  'field' in error ? { ...error, field: error.field.replace(/^plan\.section/, 'parts').replace(/^plan\./, '') } : error;

/** Rounded on its way from other units. */
const FORGIVEN = 1e-6;

/**
 * What Kesto makes of a hold that begins: what caps it, its steps, what it stores, the leak it has to see.
 *
 * @param told  section, gauge, pressure it is to go to, warmth
 * @param held  drawing, plate, loss
 * @returns     the values worked out; refused above the lowest limit, which nobody overrules
 * @source      ENGINE: `planHold`
 */
export function workOutHoldBegan(told: Told<'hold-began'>, held: WorkedHoldFor): Result<Worked<'hold-began'>> {
  const wanted = wantedOf(told, held);
  const planned = planOf(told, held, wanted);
  if (!planned.ok) return fail(...planned.errors.map(toldOfPlan));
  const plan = planned.value;
  const read = new FieldReader();
  read.readAtmosphere({ altitude: { value: held.altitudeM, unit: 'm' } });
  const gaugePa = read.plainGaugePressure('pressure', told.pressure, { min: 1000, max: plan.cappedBy.gaugePa * (1 + FORGIVEN) });
  const strengthPa = strengthTold(told, plan, gaugePa, read);
  if (read.errors.length > 0) return fail(...read.errors);
  return ok({
    ...{ capKpag: plan.cappedBy.gaugePa / 1000, cappedBy: plan.cappedBy.kind },
    ...(plan.cappedBy.part !== undefined && !plan.cappedBy.part.includes('>') ? { cappedByPart: plan.cappedBy.part } : {}),
    ...{
      fullKpag: plan.fillGaugePa / 1000,
      stepsKpag: stepsOf(plan, { holdPa: gaugePa, strengthPa, refrigerant: held.refrigerant }).map((pa) => pa / 1000),
    },
    ...(strengthPa === null ? {} : { strengthKpag: strengthPa / 1000 }),
    ...storedAt(plan, strengthPa ?? gaugePa, read.atmosphere),
    ...{ side: sideOf(told.parts, held.graph), wantedLeakPaM3S: wanted, minutesNeeded: plan.minutesNeeded },
  });
}

/** What it stores at the pressure it goes to, and how far to stand off. */
function storedAt({ likelyM3 }: HoldPlan, gaugePa: number, atmospherePa: number) {
  const energyJ = likelyM3 === null ? 0 : storedEnergyJ(likelyM3, gaugePa + atmospherePa, atmospherePa);
  return { energyKj: energyJ / 1000, distanceM: keepAwayM(energyJ) };
}

/** A strength test that was told [Pa gauge]; null without one. Above what it may be, or where there may be none, it is refused. */
function strengthTold({ strength }: Told<'hold-began'>, plan: HoldPlan, holdPa: number, read: FieldReader): number | null {
  if (!strength) return null;
  if (!plan.strength.may) {
    read.errors.push({ kind: 'refused', field: 'strength', reason: 'no-strength-test', value: plan.strength.parts.join(', ') });
    return null;
  }
  return read.plainGaugePressure('strength', strength, { min: holdPa, max: plan.strength.gaugePa * (1 + FORGIVEN) });
}

/** All steps: up to the strength test where there is one, then down to the hold. */
function stepsOf(plan: HoldPlan, { holdPa, strengthPa, refrigerant }: { holdPa: number; strengthPa: number | null; refrigerant: string }) {
  if (strengthPa === null) return holdStepsTo(plan, holdPa);
  const isLow = plan.limits.some(({ kind }) => kind === 'plate-low');
  return [...holdStepsPa(strengthPa, isCarbonDioxide(refrigerant) && !isLow), holdPa];
}

/** Steps of a hold that goes to another pressure than the plan's full one. */
const holdStepsTo = ({ stepsGaugePa }: HoldPlan, gaugePa: number): readonly number[] => [
  ...stepsGaugePa.filter((pa) => pa < gaugePa * (1 - STEP_APART)),
  gaugePa,
];
/** Closer than this are one step. */
const STEP_APART = 0.01;
