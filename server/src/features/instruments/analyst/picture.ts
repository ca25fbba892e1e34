import type { HoldLive, LiveSeries, PullLive } from '@kesto/contract';
import { factsIn, holdsOf, pullsOf, type CircuitGraph } from '@kesto/core';
import { LRUCache } from 'lru-cache';
import { notFound } from '../../../platform/errors';
import type { ToldJob } from '../../jobs';
import type { ShopWork } from '../../shopWork';
import { toCircuit } from '../../units';
import { pressures, vacuums } from '../columns';
import { lastOf } from '../samples';
import type { Series } from '../series.repository';
import type { Analyst } from './analyst';
import type { Answered, Asked } from './sums';

/** An instrument that was not heard for so long is silent [ms]. */
const SILENT_MS = 10_000;
/** What a rise is judged by needs no drawing. */
const NO_DRAWING: CircuitGraph = { parts: [], links: [] };

/** How many blocks of a series each thread was told. */
const TOLD = new WeakMap<Analyst, LRUCache<string, number>>();
function toldTo(analyst: Analyst): LRUCache<string, number> {
  const known = TOLD.get(analyst) ?? new LRUCache<string, number>({ max: 64 });
  TOLD.set(analyst, known);
  return known;
}

/** An instrument that joined, for a screen. */
const seriesView = (series: Series, now: Date): LiveSeries => {
  const { id, instrument, factor, samples, heardAt, disagreements } = series;
  const isSilent = now.getTime() - heardAt.getTime() > SILENT_MS;
  return { ...{ id, instrument, factor, samples, disagreements, isSilent, last: lastOf(series) }, isEnded: series.endedAt !== null };
};

/** A hold or a pull is judged by one instrument: the one that was asked for, else the first that can. Two are never drawn through one line. */
export const judgedBy = (all: readonly Series[], can: (series: Series) => boolean, by: string | null): Series | null => {
  const able = all.filter((series) => series.samples > 0 && can(series));
  return able.find(({ id }) => id === by) ?? able[0] ?? null;
};
export const readsHold = ({ instrument }: Series): boolean => pressures(instrument) !== null;
export const readsPull = ({ instrument }: Series): boolean => vacuums(instrument) !== null;

type Unsent = { [K in Asked['of']]: Omit<Extract<Asked, { of: K }>, 'series'> }[Asked['of']];

/** Asked with the blocks that thread does not have yet; once more with all, where it has begun anew meanwhile. */
async function ask(shop: ShopWork, analyst: Analyst, series: Series, what: Unsent): Promise<Answered> {
  const key = `${shop.shopId}.${series.id}`;
  const told = toldTo(analyst);
  const send = async (from: number) => {
    const sent = from > series.blocks ? [] : await shop.series.blocksOf(series.id, from);
    const blocks = sent.map(({ bytes }) => new Uint8Array(bytes));
    const tail = series.tail && new Uint8Array(series.tail);
    const { id, instrument } = series;
    // cast: what is asked, with its series
    return analyst.ask({ ...what, series: { key, id, instrument, from, blocks, tail } } as Asked);
  };
  const answer = (await send((told.get(key) ?? 0) + 1)) ?? (await send(1));
  told.set(key, series.blocks);
  return answer;
}

/** Of whom a picture is asked: the instrument it is judged by, where somebody chose one. */
export interface PictureOf {
  readonly jobId: string;
  readonly id: string;
  readonly by: string | null;
  /** The job as it was read a moment ago, where nothing was noted since. */
  readonly told?: ToldJob | null;
}

/** A hold as its instruments tell it, for a screen: what they sent, and what this server makes of it. */
export async function holdLive(shop: ShopWork, analyst: Analyst, { jobId, id, by, told: known }: PictureOf, now: Date): Promise<HoldLive> {
  const told = known ?? (await shop.jobs.told(jobId));
  const kept = told && holdsOf(factsIn(told.entries)).find((hold) => hold.id === id);
  if (!kept) throw notFound('This hold');
  const all = await shop.series.ofHold(id);
  const series = judgedBy(all, readsHold, by);
  const held = { refrigerant: toCircuit(told.circuit).refrigerant, altitudeM: told.site.altitudeM };
  const made = series && ((await ask(shop, analyst, series, { of: 'hold', kept, held })) as Pick<HoldLive, 'points' | 'curve'> | null); // cast: asked of a hold
  return {
    ...{ entries: told.entries.length, series: all.map((one) => seriesView(one, now)), judgedBy: series?.id ?? null },
    ...(made ?? { points: [], curve: null }),
  };
}

/** A pull as its instruments tell it, for a screen: what they sent, and what its rise shows so far. */
export async function pullLive(shop: ShopWork, analyst: Analyst, { jobId, id, by, told: known }: PictureOf, now: Date): Promise<PullLive> {
  const told = known ?? (await shop.jobs.told(jobId));
  const facts = told ? factsIn(told.entries) : [];
  const kept = pullsOf(facts).find((pull) => pull.id === id);
  if (!told || !kept) throw notFound('This pull');
  const all = await shop.series.ofHold(id);
  const series = judgedBy(all, readsPull, by);
  const about = { graph: NO_DRAWING, facts, refrigerant: toCircuit(told.circuit).refrigerant, altitudeM: told.site.altitudeM };
  const made = series && ((await ask(shop, analyst, series, { of: 'pull', kept, about })) as Pick<PullLive, 'points' | 'judged'> | null); // cast: asked of a pull
  return {
    ...{ entries: told.entries.length, series: all.map((one) => seriesView(one, now)), judgedBy: series?.id ?? null },
    ...(made ?? { points: [], judged: null }),
  };
}
