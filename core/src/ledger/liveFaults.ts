import { KELVIN_AT_0_C } from '../unit/units';
import type { LiveSample } from '../stage/holds';
import type { HoldReason } from './words';

/** What is wrong with how samples came, and those that can be believed. */
export interface SoundSamples {
  /** Each later than the one before it. */
  readonly samples: readonly LiveSample[];
  readonly reasons: readonly HoldReason[];
}

/** A silence is missed from so many of the usual intervals on, and so long at least. Judgement. */
const GAP = { intervals: 20, leastS: 60 } as const;
/** A step between two samples that neither gas nor pipe can make: so many times the usual change, and so much of the pressure. Judgement. */
const JUMP = { times: 15, share: 0.001 } as const;
/** Beyond this the gauge reads something else than what was noted as the step: another unit, another place. Judgement. */
const UNLIKE = { less: 0.7, more: 1.4 } as const;

/** So many are enough to know what is usual. */
const MOST_SORTED = 2000;

function median(values: readonly number[]): number {
  const every = Math.ceil(values.length / MOST_SORTED);
  const some = values.filter((_, i) => i % every === 0).toSorted((a, b) => a - b);
  return some[Math.floor(some.length / 2)] ?? 0;
}

/** Pressure freed from the pipe's warmth, as good as needed to see a jump [Pa]. */
const freed = ({ gaugePa, celsius }: LiveSample): number => (gaugePa * 293) / (celsius + KELVIN_AT_0_C);

function hasJumped(samples: readonly LiveSample[], intervalMs: number): boolean {
  const steps = samples.slice(1).map((sample, i) => ({
    ms: sample.ms - (samples[i]?.ms ?? 0),
    pa: Math.abs(freed(sample) - freed(samples[i] ?? sample)),
  }));
  const usualPa = median(steps.map(({ pa }) => pa));
  const leastPa = JUMP.share * Math.abs(samples[0]?.gaugePa ?? 0);
  return steps.some(({ ms, pa }) => ms <= 3 * intervalMs && pa > Math.max(JUMP.times * usualPa, leastPa));
}

/**
 * Samples of a hold as they can be believed.
 *
 * @param counted  those that count, as they came [ms, Pa gauge, °C]
 * @returns        what came with a clock that went back is left out; a silence, a jump and such a clock are reasons
 * @source         judgement, tried on drawn series
 */
export function soundSamples(counted: readonly LiveSample[]): SoundSamples {
  let latest = Number.NEGATIVE_INFINITY;
  const samples = counted.filter(({ ms }) => {
    const isLater = ms > latest;
    latest = Math.max(latest, ms);
    return isLater;
  });
  const intervals = samples.slice(1).map(({ ms }, i) => ms - (samples[i]?.ms ?? ms));
  const usualMs = median(intervals);
  const gapMs = Math.max(GAP.leastS * 1000, GAP.intervals * usualMs);
  return {
    samples,
    reasons: [
      ...(samples.length < counted.length ? ['clock-went-back' as const] : []),
      ...(intervals.some((ms) => ms > gapMs) ? ['samples-missing' as const] : []),
      ...(hasJumped(samples, usualMs) ? ['gauge-jumped' as const] : []),
    ],
  };
}

/** Whether the first reading that counts is something else than the pressure the fill was noted at. */
export const isUnlikeStep = (readPa: number, stepPa: number): boolean =>
  stepPa > 0 && (readPa < UNLIKE.less * stepPa || readPa > UNLIKE.more * stepPa);

/** With these nothing is called tight; with another unit nothing is called anything. */
export const voids = (reasons: readonly HoldReason[]) => ({
  tight: reasons.some((reason) => reason === 'gauge-jumped' || reason === 'unlike-step'),
  all: reasons.includes('unlike-step'),
});
