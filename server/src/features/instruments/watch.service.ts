import type { HoldLive } from '@kesto/contract';
import {
  factsIn,
  holdCurve,
  holdsOf,
  judgeKept,
  requestOfKept,
  seenAfter,
  thinned,
  usualMinutes,
  type LiveHeld,
  type LiveSample,
} from '@kesto/core';
import { notFound } from '../../platform/errors';
import type { ShopWork } from '../shopWork';
import { toCircuit } from '../units';
import { liveSamples } from './samples';
import { sealHold } from './series.service';
import type { Series } from './series.repository';

/** So many points are drawn; more would lie on one another. */
const MOST_DRAWN = 400;
/** An instrument that was not heard for so long is silent [ms]. */
const SILENT_MS = 10_000;

/** What a hold is judged by: one instrument, the first that sent gauge and pipe. Two gauges are never drawn through one line. */
async function judgedBy(shop: ShopWork, series: readonly Series[]): Promise<readonly LiveSample[]> {
  for (const one of series) {
    const samples = await liveSamples(shop, one);
    if (samples.length > 0) return samples;
  }
  return [];
}

/** An instrument that joined, for a screen. */
export const seriesView = ({ id, instrument, factor, samples, heardAt, disagreements }: Series, now: Date) => ({
  ...{ id, instrument, factor, samples, disagreements, isSilent: now.getTime() - heardAt.getTime() > SILENT_MS },
});

/** A hold as its instruments tell it, for a screen: what they sent, and what this server makes of it. */
export async function holdLive(shop: ShopWork, jobId: string, holdId: string, now: Date): Promise<HoldLive> {
  const told = await shop.jobs.told(jobId);
  const kept = told && holdsOf(factsIn(told.entries)).find(({ id }) => id === holdId);
  if (!kept) throw notFound('This hold');
  const series = await shop.series.ofHold(holdId);
  const samples = await judgedBy(shop, series);
  const beganMs = Date.parse(kept.began.at);
  const held = { refrigerant: toCircuit(told.circuit).refrigerant, altitudeM: told.site.altitudeM };
  return {
    entries: told.entries.length,
    series: series.map((one) => seriesView(one, now)),
    points: thinned(samples, MOST_DRAWN).map(({ ms, gaugePa, celsius }) => ({ seconds: (ms - beganMs) / 1000, gaugePa, celsius })),
    curve: samples.length > 0 ? curveOf(kept, held, samples) : null,
  };
}

function curveOf(
  kept: Parameters<typeof requestOfKept>[0],
  held: Parameters<typeof requestOfKept>[1],
  samples: readonly LiveSample[],
): HoldLive['curve'] {
  const request = requestOfKept(kept, held, samples);
  const judged = judgeKept(kept, held, samples);
  const curve = request && holdCurve(request);
  if (!request || !judged.ok || !curve?.ok) return null;
  const { points, bandPa, wantedPaPerS, answersAtS } = curve.value;
  const minutes = kept.began.values.plannedMinutes ?? usualMinutes(kept.began.values.minutesNeeded);
  const atEnd = seenAfter(request, minutes * 60);
  const every = Math.ceil(points.length / MOST_DRAWN);
  return {
    points: points.filter((_, i) => i % every === 0 || i === points.length - 1).map(({ seconds, changePa }) => ({ seconds, changePa })),
    ...{ bandPa, wantedPaPerS, answersAtS, seenAtEnd: atEnd.ok ? atEnd.value.gramsPerYear : null, judged: judged.value },
  };
}

/** All samples of a hold as a table: time, gauge [kPa], pipe [°C]. Figures and times alone, so that no sheet runs anything. */
export async function holdCsv(shop: ShopWork, holdId: string): Promise<string> {
  const samples = await judgedBy(shop, await shop.series.ofHold(holdId));
  if (samples.length === 0) throw notFound('A sample of this hold');
  const figure = (value: number) => String(Number(value.toFixed(4)));
  const lines = samples.map(({ ms, gaugePa, celsius }) => `${new Date(ms).toISOString()},${figure(gaugePa / 1000)},${figure(celsius)}`);
  return ['time,gauge kPag,pipe C', ...lines, ''].join('\r\n');
}

/** What a hold is judged from when it is ended: all its samples, sealed, and where each series stands. Null where no instrument spoke of it. */
export async function liveHeld(shop: ShopWork, holdId: string): Promise<LiveHeld | null> {
  const series = await sealHold(shop, holdId);
  const samples = await judgedBy(shop, series);
  if (samples.length === 0) return null;
  return { samples, series: series.map(({ id, blocks, head, samples: count }) => ({ series: id, blocks, head, samples: count })) };
}
