import { ok, type Result } from '../result';
import { analyse } from './analyse';
import { holdOf, type Hold } from './hold';
import { gramsPerYear } from './refrigerantLeak';
import type { HoldRequest } from './request';
import { smallestSeenPaM3S } from './smallestSeen';

/** One reading, and what of its change is not the warmth. */
export interface CurvePoint {
  readonly seconds: number;
  /** Of the amount of gas since the first reading, as a pressure at the hold's mean warmth [Pa]. */
  readonly changePa: number;
  /** As read [Pa absolute]. */
  readonly pressurePa: number;
  readonly celsius: number;
}

/** A hold as it is watched. */
export interface HoldCurve {
  readonly points: readonly CurvePoint[];
  /** What could hide a leak until now [Pa], above and below. */
  readonly bandPa: number;
  /** How fast the leak that is looked for would let it fall [Pa/s]; null where none is. */
  readonly wantedPaPerS: number | null;
  /** Seconds at which it can be told; null where no time will do, or it is told. */
  readonly answersAtS: number | null;
  readonly hold: Hold;
}

/**
 * A hold drawn over time: the amount of gas freed from its warmth, what could hide in it, and where the leak looked for would leave that band.
 *
 * @param request  as {@link hold}
 * @returns        changes [Pa], times [s]; refused as there
 * @source         as there
 */
export function holdCurve(request: HoldRequest): Result<HoldCurve> {
  const analysed = analyse(request);
  if (!analysed.ok) return analysed;
  const { given, judged, amounts } = analysed.value;
  const hold = holdOf(analysed.value);
  const [, startPa = 0] = amounts[0] ?? [];
  const last = amounts.at(-1)?.[0] ?? 0;
  return ok({
    points: given.samples.map(({ seconds, pressurePa, celsius }, i) => ({
      ...{ seconds, pressurePa, celsius },
      changePa: (amounts[i]?.[1] ?? startPa) - startPa,
    })),
    bandPa: (judged.seenPaM3S * judged.seconds) / given.volumeM3,
    wantedPaPerS: judged.wantedPaM3S === null ? null : judged.wantedPaM3S / given.volumeM3,
    answersAtS: hold.minutesNeeded === null || hold.verdict !== 'cannot-tell' ? null : last + hold.minutesNeeded * 60,
    hold,
  });
}

/** What this hold sees after another time than until now, with the errors that it has. */
export interface SeenAfter {
  readonly leakPaM3S: number;
  /** Of the refrigerant, standing; null without one. */
  readonly gramsPerYear: number | null;
}

/**
 * The smallest leak this hold will have seen after so long, if nothing else changes.
 *
 * @param seconds  since its first reading, above 0
 * @returns        [Pa m3/s] and [g a year]
 * @source         `smallestSeenPaM3S`
 */
export function seenAfter(request: HoldRequest, seconds: number): Result<SeenAfter> {
  const analysed = analyse(request);
  if (!analysed.ok) return analysed;
  const { given, errors, around } = analysed.value;
  const leakPaM3S = smallestSeenPaM3S(given.volumeM3, seconds, errors);
  return ok({ leakPaM3S, gramsPerYear: given.fluid && gramsPerYear({ leakPaM3S, ...around }, given.fluid) });
}
