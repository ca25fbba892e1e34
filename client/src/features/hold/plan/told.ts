import type { JobView, VanStock } from '@kesto/contract';
import type { CompressorKind, Instrument, Quantity, StageFact, TestGas, TestPractice, Told, WorkedHoldFor } from '@kesto/core';
import { lastOf, type CircuitGraph } from '@kesto/core';

/** A gauge as a hold names it. */
export type HoldGauge = Told<'hold-began'>['gauge'];

/** Where the van has no gauge counted: a digital one of usual step. */
const USUAL_GAUGE: HoldGauge = { name: 'gauge', resolution: { value: 1, unit: 'kPa' } };

/** Gauges of the van that say their step; a usual one where there is none. */
export function gaugesOf(van: VanStock | undefined): readonly HoldGauge[] {
  const gauges = (van?.instruments ?? []).filter(({ kind }) => kind === 'gauge');
  const found = gauges.flatMap((gauge) => toGauge(gauge) ?? []);
  return found.length > 0 ? found : [USUAL_GAUGE];
}

function toGauge({ name, resolution, range, calibratedUntil }: Instrument): HoldGauge | null {
  if (!resolution) return null;
  return { name, resolution, ...(range ? { range } : {}), ...(calibratedUntil ? { calibratedUntil } : {}) };
}

/** One standard error of the gas's mean warmth [K] by the van's thermometer. */
const USUAL_OFF_K = 0.3;
export const offKOf = (van: VanStock | undefined): number =>
  van?.instruments?.find(({ kind }) => kind === 'thermometer')?.offK ?? USUAL_OFF_K;

/** What Kesto works a hold out from, as this device has it. */
export const heldHere = (job: JobView, graph: CircuitGraph, facts: readonly StageFact[]): WorkedHoldFor => ({
  ...{ graph, facts, refrigerant: job.circuit.refrigerant, altitudeM: job.site.altitudeM },
  plate: { lowPa: job.circuit.lowSideDesignGaugePa, highPa: job.circuit.highSideDesignGaugePa },
  ...(job.circuit.chargeKg === null ? {} : { chargeKg: job.circuit.chargeKg }),
});

export const compressorOf = (facts: readonly StageFact[]): CompressorKind | undefined => lastOf(facts, 'isolation')?.values.compressorKind;

/** What is typed and chosen of a hold. */
export interface Typed {
  readonly parts: readonly string[];
  readonly at: string | undefined;
  readonly rig: boolean;
  readonly volume: Quantity;
  readonly pressure: Quantity;
  readonly gas: TestGas;
  /** To this first, then let down to the hold's own. */
  readonly strength: Quantity | undefined;
  readonly ambient: Quantity;
  readonly hottest: Quantity | undefined;
  readonly minutes: number | undefined;
  readonly gauge: HoldGauge;
  readonly offK: number;
  readonly practice: TestPractice;
  readonly compressorKind: CompressorKind | undefined;
  readonly takenOff: readonly string[];
}

export const toldOf = (typed: Typed): Told<'hold-began'> => ({
  ...{ parts: [...typed.parts], rig: typed.rig, volume: typed.volume, pressure: typed.pressure, gas: typed.gas, gauge: typed.gauge },
  ...{ temperatureUncertaintyK: typed.offK, ambient: typed.ambient, practice: typed.practice },
  ...(typed.at === undefined ? {} : { at: typed.at }),
  ...(typed.strength ? { strength: typed.strength } : {}),
  ...(typed.hottest ? { hottest: typed.hottest } : {}),
  ...(typed.minutes === undefined ? {} : { plannedMinutes: typed.minutes }),
  ...(typed.compressorKind ? { compressorKind: typed.compressorKind } : {}),
  ...(typed.takenOff.length > 0 ? { takenOff: [...typed.takenOff] } : {}),
});
