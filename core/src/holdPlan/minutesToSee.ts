import { readGauge, readUncertaintyK } from '../hold/readHold';
import { secondsToSee, stepNoisePa } from '../hold/smallestSeen';
import type { FieldReader } from '../unit/fieldReader';
import { KELVIN_AT_0_C } from '../unit/units';
import type { HoldPlanRequest } from './request';

type Looked = Pick<HoldPlanRequest['plan'], 'gauge' | 'wantedLeakPaM3S' | 'temperatureUncertaintyK'>;

/** Nothing is told sooner [min]. Source: trade [L]. */
const LEAST_MIN = 15;
/** One standard error of the gas's mean temperature where nobody said [K]: probes on the pipe, insulated, in two places. */
const USUAL_OFF_K = 0.3;

/** What is to be held, and how. */
interface Held {
  readonly volumeM3: number;
  readonly gaugePa: number;
  readonly celsius: number;
}

/** Minutes until the hold can see the leak that is looked for; null where nothing says which, or no time will do. */
export function minutesToSee(plan: Looked, { volumeM3, gaugePa, celsius }: Held, read: FieldReader): number | null {
  const { wantedLeakPaM3S: wanted, temperatureUncertaintyK = USUAL_OFF_K } = plan;
  const gauge = readGauge('plan.gauge', plan.gauge, read);
  const temperatureErrorK = readUncertaintyK('plan.temperatureUncertaintyK', temperatureUncertaintyK, read);
  if (wanted === undefined) return null;
  const seconds = secondsToSee(wanted, volumeM3, {
    noisePa: stepNoisePa(gauge.resolutionPa),
    driftPaPerS: gauge.driftPaPerS,
    pressurePa: gaugePa + read.atmosphere,
    temperatureK: celsius + KELVIN_AT_0_C,
    temperatureErrorK,
    gaugeWarmthPa: 0,
    barometer: 'weather',
  });
  return seconds === null ? null : Math.max(seconds / 60, LEAST_MIN);
}
