import type { HoldCurve, HoldTracks } from '@kesto/core';
import { scaleLinear, scaleTime } from 'd3-scale';

/** Everything that is drawn, over seconds since the hold was begun. */
export interface ChartFacts {
  readonly tracks: HoldTracks;
  readonly beganAt: string;
  readonly nowS: number;
  readonly shutS: number | null;
  readonly settledS: number | null;
  readonly plannedMinutes: number;
  readonly fullKpag: number;
  readonly curve: HoldCurve | null;
}

const PAD = { left: 64, right: 14, axis: 26, top: 46 } as const;
/** Of the height: what is held, the gauge, the pipe. */
const SHARES = { held: 0.58, gauge: 0.2 } as const;
/** The domain is never narrower than this: a steady gauge is drawn as one [Pa, K]. */
const LEAST = { changePa: 2000, gaugePa: 8000, kelvin: 1.5 } as const;

const widened = (values: readonly number[], least: number): readonly [number, number] => {
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const more = Math.max(0, (least - (high - low)) / 2) + (high - low) * 0.1;
  return [low - more, high + more];
};

/** A fill is drawn over so long at least [s]. */
const FILL_S = 45 * 60;
/** Of the width: a fill has no less beside a long hold. */
const FILL_SHARE = 0.28;

/** When a hold ends, as far as it is known: planned, told, or now [s since it was begun]. */
export function endOf({ settledS, plannedMinutes, curve, nowS }: ChartFacts): number {
  if (settledS === null) return Math.max(FILL_S, nowS);
  const answers = curve?.answersAtS ?? 0;
  return Math.max(settledS + plannedMinutes * 60, nowS, settledS + Math.min(answers, plannedMinutes * 90));
}

/** Seconds to paper: evenly, but that a short fill beside a long hold keeps room for its steps. */
function timeScale({ settledS }: ChartFacts, end: number, [left, right]: readonly [number, number]) {
  const whole = end * 1.02;
  if (settledS === null || settledS / whole >= FILL_SHARE) return scaleLinear([0, whole], [left, right]);
  return scaleLinear([0, settledS, whole], [left, left + FILL_SHARE * (right - left), right]);
}

/** Once the supply is shut the gauge is drawn from there on: what the fill did stands in the steps. */
export function shownReadings({ tracks, shutS }: ChartFacts): HoldTracks['readings'] {
  const after = shutS === null ? [] : tracks.readings.filter(({ seconds }) => seconds >= shutS);
  return after.length > 1 ? after : tracks.readings;
}

/** Where everything of a hold lies on its paper. */
export function frameOf(facts: ChartFacts, width: number, height: number) {
  const { curve, fullKpag, nowS } = facts;
  const end = endOf(facts);
  const x = timeScale(facts, end, [PAD.left, width - PAD.right]);
  const drawn = height - PAD.axis;
  const heldEnd = drawn * SHARES.held;
  const gaugeEnd = heldEnd + drawn * SHARES.gauge;
  const reach = Math.max(
    LEAST.changePa,
    (curve?.bandPa ?? 0) * 1.5,
    ...(curve?.points ?? []).map(({ changePa }) => Math.abs(changePa) * 1.15),
  );
  const change = scaleLinear([reach, -reach], [PAD.top, heldEnd - 10]);
  const zero = change(0);
  const steps = scaleLinear([0, fullKpag * 1000], [heldEnd - 14, zero]);
  const shown = shownReadings(facts);
  const readings = shown.length > 0 ? shown : [{ seconds: nowS, gaugePa: fullKpag * 1000, celsius: 20 }];
  const gauge = scaleLinear(widened(readings.map(({ gaugePa }) => gaugePa), LEAST.gaugePa), [gaugeEnd - 8, heldEnd + 12]); // prettier-ignore
  const pipe = scaleLinear(widened(readings.map(({ celsius }) => celsius), LEAST.kelvin), [drawn - 8, gaugeEnd + 12]); // prettier-ignore
  return {
    x,
    change,
    steps,
    gauge,
    pipe,
    zero,
    reach,
    end,
    heldEnd,
    gaugeEnd,
    drawn,
    left: PAD.left,
    right: width - PAD.right,
    top: PAD.top,
  };
}
export type ChartFrame = ReturnType<typeof frameOf>;

/** A fill as it was stepped: up at each step, level until the next. */
export function stepPath({ steps }: HoldTracks, until: number): readonly (readonly [number, number])[] {
  const path: (readonly [number, number])[] = [[0, 0]];
  for (const { seconds, gaugePa } of steps) {
    const before = path.at(-1)?.[1] ?? 0;
    path.push([Math.max(path.at(-1)?.[0] ?? 0, seconds - 25), before], [seconds, gaugePa]);
  }
  path.push([Math.max(until, path.at(-1)?.[0] ?? 0), path.at(-1)?.[1] ?? 0]);
  return path;
}

/** Round hours and minutes worth a figure under the axis, apart enough to be read [s since it was begun]. */
export function ticksOf(
  { x, right, end }: ChartFrame,
  beganAt: string,
  { count, apart }: { count: number; apart: number },
): readonly number[] {
  const began = Date.parse(beganAt);
  const kept: number[] = [];
  for (const moment of scaleTime([new Date(began), new Date(began + end * 1000)], [0, 1]).ticks(count)) {
    const seconds = (moment.getTime() - began) / 1000;
    const last = kept.at(-1);
    if (x(seconds) < right - apart / 3 && (last === undefined || x(seconds) - x(last) >= apart)) kept.push(seconds);
  }
  return kept;
}
