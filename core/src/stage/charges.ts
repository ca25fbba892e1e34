import type { ChargeRequest } from '../charge/request';
import { FieldReader } from '../unit/fieldReader';
import type { Quantity } from '../unit/units';
import { BEFORE_START, type BeforeStart } from '../ledger/words';
import { factsOf, lastOf, type FactOf, type StageFact } from './entry';

/** A cylinder of a charge, by its name: first weight, last weight. */
export interface KeptCylinder {
  readonly name: string;
  readonly before: Quantity;
  readonly after: Quantity;
  readonly stampedTare: Quantity | null;
}

/** Cylinders as they were weighed last, in the order they were begun. */
export function cylindersOf(facts: readonly StageFact[]): readonly KeptCylinder[] {
  const last = new Map<string, KeptCylinder>();
  for (const { values } of weighed(facts)) {
    const { name, before, after, stampedTare } = values;
    last.set(name, { name, before, after, stampedTare: stampedTare ?? last.get(name)?.stampedTare ?? null });
  }
  return [...last.values()];
}

const weighed = (facts: readonly StageFact[]): readonly FactOf<'cylinder-weighed'>[] => {
  const began = facts.findLastIndex(({ kind }) => kind === 'charge-began');
  return factsOf(facts.slice(began + 1), 'cylinder-weighed');
};

/** The cylinders, with one of them as it would be weighed next. */
const withNext = (kept: readonly KeptCylinder[], next: KeptCylinder | undefined): readonly KeptCylinder[] =>
  next === undefined ? kept : [...kept.filter(({ name }) => name !== next.name), next];

/**
 * What the engine is asked of a charge as it was begun and weighed; null where none was begun.
 *
 * @param next  a cylinder as it would be weighed now
 */
export function chargeRequestOf(facts: readonly StageFact[], refrigerant: string, next?: KeptCylinder): ChargeRequest | null {
  const began = lastOf(facts, 'charge-began');
  if (!began) return null;
  const { dataPlate, lines, maxCharge, tolerance, hosesKg, place, gwp } = began.values;
  return {
    ...{ dataPlate, refrigerant },
    ...(lines ? { lines } : {}),
    ...(maxCharge ? { maxCharge } : {}),
    ...(tolerance ? { tolerance } : {}),
    ...(hosesKg === undefined ? {} : { hosesKg }),
    ...(place ? { place } : {}),
    ...(gwp === undefined ? {} : { gwp }),
    cylinders: withNext(cylindersOf(facts), next).map(({ before, after, stampedTare }) => ({
      before,
      after,
      ...(stampedTare ? { stampedTare } : {}),
    })),
  };
}

/** What a circuit was left with. */
export interface LeftWith {
  readonly kg: number;
  /** When it was whole, or trimmed last. */
  readonly at: string;
}

/**
 * What was weighed in and kept as whole, with what was trimmed after it.
 *
 * @returns  [kg]; null where no charge was kept as whole
 */
export function leftWith(facts: readonly StageFact[]): LeftWith | null {
  const whole = factsOf(facts, 'charged').findLast(({ values }) => values.isCharged);
  if (!whole) return null;
  const reader = new FieldReader();
  const trims = factsOf(facts.slice(facts.indexOf(whole)), 'trimmed');
  const kg = trims.reduce((sum, { values: { by, takenOut } }) => {
    const trimKg = reader.massKg('by', by, { min: 0, max: 1e6 });
    return takenOut ? sum - trimKg : sum + trimKg;
  }, whole.values.doneKg);
  return { kg, at: trims.at(-1)?.at ?? whole.at };
}

/** What was not yet seen to before the first start. */
export function openBeforeStart(facts: readonly StageFact[]): readonly BeforeStart[] {
  const said = factsOf(facts, 'before-start').flatMap(({ values }) => [...values.seen, ...values.notHere]);
  return BEFORE_START.filter((point) => !said.includes(point));
}

/** Where a yes too many hurts somebody or bursts something: each is looked at and answered by itself. */
const START_ONE_BY_ONE: readonly BeforeStart[] = ['valves-open', 'switch-set-back', 'bridges-out', 'somebody-at-switch'];

/** What may be answered together before the first start. */
export const startTogether = (open: readonly BeforeStart[]): readonly BeforeStart[] =>
  open.filter((point) => !START_ONE_BY_ONE.includes(point));

/** Steady for so long before readings count [min]. Source: trade [L]. */
export const STEADY_MIN = 15;

/** Readings after the charge that have settled. */
export const settledReadings = (facts: readonly StageFact[]): FactOf<'settled-readings'> | null =>
  factsOf(facts, 'settled-readings').findLast(({ values }) => values.steadyMinutes >= STEADY_MIN && values.doorsShut) ?? null;

/** A trim is so much of the charge, within these [kg]. Source: trade [L]. */
const TRIM = { share: 0.03, leastKg: 0.02, mostKg: 0.2 } as const;

/** How much is added or taken out at a time [kg], of a charge of so much [kg, above 0]. */
export const trimStepKg = (targetKg: number): number => Math.min(TRIM.mostKg, Math.max(TRIM.leastKg, TRIM.share * targetKg));
