import {
  decodeBlock,
  fewer,
  holdCurve,
  judgeKept,
  judgePull,
  requestOfKept,
  seenAfter,
  shutAt,
  thinned,
  usualMinutes,
  type KeptHold,
  type KeptPull,
  type LiveJudged,
  type LiveSample,
  type PulledFor,
  type Sample,
  type VacuumSample,
} from '@kesto/core';
import type { HoldLive, LiveInstrument, PullLive } from '@kesto/contract';
import { LRUCache } from 'lru-cache';
import { pressures, vacuums } from '../columns';

/** What a series holds, as far as it is sent along: blocks that were not sent before, and what fills none yet. */
export interface SeriesSent {
  /** Of the shop and the series. */
  readonly key: string;
  readonly id: string;
  readonly instrument: LiveInstrument;
  /** The place of the first block that is sent. */
  readonly from: number;
  readonly blocks: readonly Uint8Array[];
  readonly tail: Uint8Array | null;
}

export type Asked =
  | {
      readonly of: 'hold';
      readonly kept: KeptHold;
      readonly held: { readonly refrigerant: string; readonly altitudeM: number };
      readonly series: SeriesSent;
    }
  | { readonly of: 'pull'; readonly kept: KeptPull; readonly about: PulledFor; readonly series: SeriesSent };

/** Null: blocks before those that were sent are not here (any more). */
export type Answered = Pick<HoldLive, 'points' | 'curve'> | Pick<PullLive, 'points' | 'judged'> | null;

/** So many points are drawn; more would lie on one another. */
const MOST_DRAWN = { hold: 400, pull: 500 } as const;
/** So many series are kept at hand. */
const MOST_SERIES = 64;

/**
 * What live holds and pulls come to. It goes on from the blocks it has: a new sample costs its own block, not the day before it.
 */
export class Sums {
  private readonly sealed = new LRUCache<string, { blocks: number; readonly samples: Sample[] }>({ max: MOST_SERIES });

  answer(asked: Asked): Answered {
    const samples = this.samplesOf(asked.series);
    if (!samples) return null;
    return asked.of === 'hold' ? ofHold(asked, samples) : ofPull(asked, samples);
  }

  private samplesOf({ key, from, blocks, tail }: SeriesSent): readonly Sample[] | null {
    const before = from === 1 ? { blocks: 0, samples: [] } : this.sealed.get(key);
    if (!before || before.blocks !== from - 1) return null;
    for (const bytes of blocks) {
      for (const sample of decodeBlock(bytes).samples) before.samples.push(sample);
      before.blocks += 1;
    }
    this.sealed.set(key, before);
    return tail ? [...before.samples, ...decodeBlock(tail).samples] : before.samples;
  }
}

function ofHold({ kept, held, series }: Extract<Asked, { of: 'hold' }>, sent: readonly Sample[]): Pick<HoldLive, 'points' | 'curve'> {
  const read = pressures(series.instrument);
  const samples: readonly LiveSample[] = read ? sent.map(read) : [];
  const beganMs = Date.parse(kept.began.at);
  return {
    points: thinned(samples, MOST_DRAWN.hold).map(({ ms, gaugePa, celsius }) => ({ seconds: (ms - beganMs) / 1000, gaugePa, celsius })),
    curve: samples.length > 0 ? curveOf(kept, held, { by: series.id, samples }) : null,
  };
}

function curveOf(kept: KeptHold, held: Extract<Asked, { of: 'hold' }>['held'], live: LiveJudged): HoldLive['curve'] {
  const request = requestOfKept(kept, held, live);
  const judged = judgeKept(kept, held, live);
  const curve = request && holdCurve(request);
  if (!request || !judged.ok || !curve?.ok) return null;
  const { points, bandPa, wantedPaPerS, answersAtS } = curve.value;
  const minutes = kept.began.values.plannedMinutes ?? usualMinutes(kept.began.values.minutesNeeded);
  const atEnd = seenAfter(request, minutes * 60);
  const every = Math.ceil(points.length / MOST_DRAWN.hold);
  return {
    points: points.filter((_, i) => i % every === 0 || i === points.length - 1).map(({ seconds, changePa }) => ({ seconds, changePa })),
    ...{ bandPa, wantedPaPerS, answersAtS, seenAtEnd: atEnd.ok ? atEnd.value.gramsPerYear : null, judged: judged.value },
  };
}

/** What is at or under zero is off a vacuum gauge's scale. */
const isOnScale = ({ pa }: VacuumSample): boolean => pa > 0;

function ofPull({ kept, about, series }: Extract<Asked, { of: 'pull' }>, sent: readonly Sample[]): Pick<PullLive, 'points' | 'judged'> {
  const read = vacuums(series.instrument);
  const samples = read ? sent.map(read).filter(isOnScale) : [];
  return {
    points: fewer(samples, MOST_DRAWN.pull),
    judged: samples.length > 0 && shutAt(kept) !== null ? judgePull(kept, about, samples) : null,
  };
}
