import { format } from 'date-fns/format';
import { scaleTime } from 'd3-scale';
import { pullMoments } from '@kesto/core';
import type { PointXY } from '@/chart/linePath';
import type { PullWatchWork } from './usePullWatch';

/** Everything drawn of a job's pulls, by seconds since the first of them was begun. */
export interface PullTracks {
  readonly beganMs: number;
  readonly endS: number;
  /** Readings, a line from one break to the next. */
  readonly lines: readonly (readonly PointXY[])[];
  readonly forecasts: readonly (readonly PointXY[])[];
  readonly breaks: readonly { readonly from: number; readonly to: number; readonly reachedPa: number }[];
  readonly shut: readonly number[];
}

const AIR_PA = 101_325;
/** The paper never ends sooner after a pull began than this [s]. */
const LEAST_S = 600;

/** A line ends where a break lies between two of its readings. */
function parted(points: readonly PointXY[], at: readonly number[]): readonly (readonly PointXY[])[] {
  const lines: PointXY[][] = [[]];
  for (const [i, point] of points.entries()) {
    const before = points[i - 1];
    if (before && at.some((seconds) => seconds > before[0] && seconds <= point[0])) lines.push([]);
    lines.at(-1)?.push(point);
  }
  return lines.filter((line) => line.length > 0);
}

export function tracksOf({ pull: watched, pulls, moments, now, state, forecast, breaks }: PullWatchWork): PullTracks {
  const beganMs = Date.parse(pulls[0]?.began.at ?? new Date(now).toISOString());
  const since = (at: string) => (Date.parse(at) - beganMs) / 1000;
  const momentsOf = (pull: (typeof pulls)[number]) => (pull.id === watched.id ? moments : pullMoments(pull));
  const points = pulls.flatMap((pull) => momentsOf(pull).map(({ at, pa }) => [since(at), pa] as const));
  const lastBefore = (seconds: number) => points.findLast(([at]) => at < seconds)?.[0] ?? 0;
  const broken = breaks.map(({ at, reachedPa, minutes }) => {
    const to = since(at);
    return { reachedPa, to, from: Math.max(to - minutes * 60, lastBefore(to)) };
  });
  const lastS = Math.max(LEAST_S, ...points.map(([seconds]) => seconds), ...broken.map(({ to }) => to));
  const endS = (state === 'judged' ? lastS : Math.max(lastS, (now - beganMs) / 1000)) * 1.04;
  const starts = [...pulls.map(({ began }) => since(began.at)), ...broken.map(({ to }) => to)];
  return {
    ...{ beganMs, endS, breaks: broken },
    lines: parted(
      [...points, ...starts.map((at) => [at, AIR_PA] as const)].sort(([a], [b]) => a - b),
      starts.slice(1),
    ),
    forecasts: starts.map((from) =>
      forecast.map(({ seconds, pa }) => [from + seconds, pa] as const).filter(([seconds]) => seconds <= endS),
    ),
    shut: pulls.flatMap(({ turns }) => turns.filter(({ kind }) => kind === 'valve-shut').map(({ at }) => since(at))),
  };
}

/** Of a clock time under the axis, so that two never touch [px]. */
const TICK_PX = 58;

/** Round clock times under the axis, as many as there is room for. */
export function ticksFor(beganMs: number, endS: number, width: number): readonly { readonly seconds: number; readonly text: string }[] {
  const most = Math.max(2, Math.floor((width - 70) / TICK_PX));
  const time = scaleTime([new Date(beganMs), new Date(beganMs + endS * 1000)], [0, 1]);
  const counts = Array.from({ length: most }, (_, i) => most - i);
  const ticks = counts.map((count) => time.ticks(count)).find((all) => all.length <= most) ?? [];
  return ticks
    .map((moment) => ({ seconds: (moment.getTime() - beganMs) / 1000, text: format(moment, 'HH:mm') }))
    .filter(({ seconds }) => seconds >= 0 && seconds < endS * 0.97);
}
