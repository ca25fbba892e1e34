import type { PullLive } from '@kesto/contract';
import { factsIn, fewer, judgePull, pullsOf, shutAt, type CircuitGraph, type LivePulled, type VacuumSample } from '@kesto/core';
import { notFound } from '../../platform/errors';
import type { ShopWork } from '../shopWork';
import { toCircuit } from '../units';
import { vacuumSamples } from './samples';
import { sealHold } from './series.service';
import type { Series } from './series.repository';
import { seriesView } from './watch.service';

/** So many points are drawn; more would lie on one another. */
const MOST_DRAWN = 500;
/** What a rise is judged by needs no drawing. */
const NO_DRAWING: CircuitGraph = { parts: [], links: [] };

/** A pull is judged by one gauge, the first that sent a vacuum. */
async function judgedBy(shop: ShopWork, series: readonly Series[]): Promise<readonly VacuumSample[]> {
  for (const one of series) {
    const samples = await vacuumSamples(shop, one);
    if (samples.length > 0) return samples;
  }
  return [];
}

/** A pull as its instruments tell it, for a screen: what they sent, and what its rise shows so far. */
export async function pullLive(shop: ShopWork, jobId: string, pullId: string, now: Date): Promise<PullLive> {
  const told = await shop.jobs.told(jobId);
  const facts = told ? factsIn(told.entries) : [];
  const kept = pullsOf(facts).find(({ id }) => id === pullId);
  if (!told || !kept) throw notFound('This pull');
  const series = await shop.series.ofHold(pullId);
  const samples = await judgedBy(shop, series);
  const about = { graph: NO_DRAWING, facts, refrigerant: toCircuit(told.circuit).refrigerant, altitudeM: told.site.altitudeM };
  return {
    entries: told.entries.length,
    series: series.map((one) => seriesView(one, now)),
    points: fewer(samples, MOST_DRAWN),
    judged: samples.length > 0 && shutAt(kept) !== null ? judgePull(kept, about, samples) : null,
  };
}

/** What a rise is judged from: all that was sent, sealed, and where each series stands. Null where no instrument spoke of it. */
export async function livePulled(shop: ShopWork, pullId: string): Promise<LivePulled | null> {
  const series = await sealHold(shop, pullId);
  const samples = await judgedBy(shop, series);
  if (samples.length === 0) return null;
  return { samples, series: series.map(({ id, blocks, head, samples: count }) => ({ series: id, blocks, head, samples: count })) };
}
