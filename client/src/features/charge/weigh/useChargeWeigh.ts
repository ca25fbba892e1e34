import type { JobView } from '@kesto/contract';
import {
  annualRates,
  chargeOf,
  cylindersOf,
  isSaidCritical,
  lastOf,
  factsOf,
  lossOf,
  openBeforeStart,
  settledReadings,
  trimStepKg,
  type BeforeStart,
  type CircuitGraph,
  type KeptCylinder,
  type Quantity,
} from '@kesto/core';
import { byLaw, GWP, leavesAsLiquid, type Charge } from '@kesto/core/charge';
import { readings, Saturation, usualReadings } from '@kesto/core/refrigerant';
import type { StageWork } from '@/data/stages/useStage';
import { massKg } from '@/forms/si';

const EMPTY: CircuitGraph = { parts: [], links: [] };

/** A cylinder in kilograms. */
export interface WeighedCylinder {
  readonly name: string;
  readonly kept: KeptCylinder;
  readonly beforeKg: number;
  readonly afterKg: number;
  readonly takenKg: number;
  /** Refrigerant left in it; null without its stamp. */
  readonly leftKg: number | null;
}

const weighed = (kept: KeptCylinder): WeighedCylinder => {
  const [beforeKg, afterKg] = [massKg(kept.before), massKg(kept.after)];
  const tareKg = kept.stampedTare ? massKg(kept.stampedTare) : null;
  return { name: kept.name, kept, beforeKg, afterKg, takenKg: beforeKg - afterKg, leftKg: tareKg === null ? null : afterKg - tareKg };
};

/** Whose rule, where one was chosen, and what it asks for. */
function lawOf(work: StageWork, fullKg: number, refrigerant: string) {
  const began = lastOf(work.facts, 'charge-began')?.values;
  const place = began?.place ?? 'none';
  return place === 'none'
    ? null
    : byLaw(
        { place, fullKg, gwp: began?.gwp ?? GWP[refrigerant] ?? null, refrigerant, use: began?.use ?? null },
        { hermetic: false, leakDetection: false },
      );
}

/** What was noted of a charge, worked out: what is in, what is left, what comes next. */
export function useChargeWeigh(job: JobView, graph: CircuitGraph | null, work: StageWork) {
  const { facts } = work;
  const { refrigerant } = job.circuit;
  const held = { facts, refrigerant, graph: graph ?? EMPTY };
  const answer = chargeOf(held);
  const charge = answer?.ok ? answer.value : null;
  const cylinders = cylindersOf(facts).map(weighed);
  const settled = settledReadings(facts)?.values.request ?? factsOf(facts, 'settled-readings').at(-1)?.values.request ?? null;
  const found = settled ? readings(settled) : null;
  const usual = settled ? usualReadings(settled) : null;
  const isKept = lastOf(facts, 'charged')?.values.isCharged ?? false;
  const targetKg = charge?.targetKg ?? 0;
  return {
    ...{ charge, cylinders, refrigerant, isKept, work },
    /** By its kind and size, or because somebody said so of this job: weighed, and not trimmed. */
    isCritical: isSaidCritical(facts) || charge?.isCritical === true,
    asLiquid: leavesAsLiquid(refrigerant, Saturation.of(refrigerant)),
    found: found?.ok ? found.value : null,
    usual: usual?.ok ? usual.value : null,
    settled,
    isSettled: settledReadings(facts) !== null,
    openStart: openBeforeStart(facts),
    trimKg: trimStepKg(targetKg),
    rates: lossOf(facts) ? annualRates(facts) : null,
    /** The heat that was checked last; null where nobody did. */
    heat: lastOf(facts, 'heat-check')?.values ?? null,
    law: lawOf(work, targetKg, refrigerant),
    began: lastOf(facts, 'charge-began')?.values ?? null,
    weigh: (of: { name: string; before: Quantity; after: Quantity; stampedTare?: Quantity; putBack?: string }) =>
      work.note('cylinder-weighed', { ...of, refrigerant }),
    keepCharged: (of: Charge | null = charge) =>
      of ? work.note('charged', { targetKg: of.targetKg, doneKg: of.doneKg, isCharged: of.isCharged }) : Promise.resolve(false),
    /** The charge, where it would be whole once a cylinder is weighed so; null where it would not, or is kept already. */
    wholeWith(next: KeptCylinder): Charge | null {
      const then = isKept ? null : chargeOf(held, next);
      return then?.ok && then.value.isCharged ? then.value : null;
    },
    keepBefore: (seen: readonly BeforeStart[], notHere: readonly BeforeStart[]) =>
      work.note('before-start', { seen: [...seen], notHere: [...notHere] }),
    trim: (by: Quantity, takenOut: boolean, why: string) => work.note('trimmed', { by, why, ...(takenOut ? { takenOut } : {}) }),
  };
}
export type ChargeWeighWork = ReturnType<typeof useChargeWeigh>;
