import type { JobView, JointSummary } from '@kesto/contract';
import { HOLD_VERDICT_WORDS, leakText, placeName, PULL_VERDICT_WORDS, tightDownTo } from '@kesto/contract/wording';
import {
  factsIn,
  holdsOf,
  holdTracks,
  liesIn,
  pullMoments,
  pullsOf,
  type JointEntry,
  type KeptHold,
  type KeptPull,
  type Told,
  type UnitPreferences,
} from '@kesto/core';
import { formatGaugePressure, formatVacuum, formatWait, gaugePascals, readingText } from '@kesto/core/unit';
import { format } from 'date-fns/format';
import type { PointXY } from '@/chart/linePath';
import { WORDS } from './words';

/** What a hold or a pull showed of this joint, as its own record has it; its curve and what else it covers from the job, where that is here. */
export interface Proof {
  readonly id: string;
  readonly of: 'hold' | 'pull';
  readonly job: string;
  readonly title: string;
  readonly lines: readonly string[];
  readonly isGood: boolean;
  readonly isBad: boolean;
  /** As it was noted by hand [s, Pa]. */
  readonly points: readonly PointXY[];
  /** An instrument spoke: its samples are asked for. */
  readonly isLive: boolean;
  readonly covers: readonly JointSummary[];
}

const PA_PER_KPA = 1000;
const dayOf = ({ deviceTime, serverTime }: JointEntry) => format(new Date(deviceTime || serverTime), 'd MMMM');

interface Of {
  readonly entry: JointEntry;
  readonly job: JobView | undefined;
  readonly units: UnitPreferences;
}

function heldProof({ entry, job, units }: Of, holds: readonly KeptHold[]): Proof {
  const told = entry.values as unknown as Told<'held'>; // cast: the schema of this kind
  const place = holds.findIndex(({ id }) => id === told.hold);
  const kept = holds[place];
  const found = kept?.soaped.findLast(({ values }) => values.result === 'leak')?.values;
  const pressure = readingText(formatGaugePressure(gaugePascals(told.pressureKpag * PA_PER_KPA), units));
  const { leakPaM3S, smallestSeenPaM3S } = told;
  const seen =
    leakPaM3S === null || smallestSeenPaM3S === null
      ? null
      : told.verdict === 'leaking'
        ? leakText(leakPaM3S)
        : WORDS.blindBelow(leakText(tightDownTo({ leakPaM3S, smallestSeenPaM3S, gramsPerYearSeen: null })));
  const where = found && (found.tag ?? (found.place === undefined ? found.hose : placeName(null, found.place)));
  return {
    ...{ id: told.hold, of: 'hold', job: told.job },
    title: `${WORDS.hold(place + 1)}, ${HOLD_VERDICT_WORDS[told.verdict]}`,
    lines: [
      `${pressure}, ${readingText(formatWait(told.minutes))}, ${dayOf(entry)}`,
      ...(seen === null ? [] : [seen]),
      ...(where === undefined ? [] : [WORDS.soapFound(where)]),
    ],
    ...{ isGood: told.verdict === 'tight', isBad: told.verdict === 'leaking', isLive: (kept?.series.length ?? 0) > 0 },
    points: kept && job ? holdTracks(kept, job.site.altitudeM).readings.map(({ seconds, gaugePa }): PointXY => [seconds, gaugePa]) : [],
    covers: job && kept ? job.order.filter(({ at }) => liesIn(at, kept.began.values.parts)) : [],
  };
}

function pulledProof({ entry, job, units }: Of, pulls: readonly KeptPull[]): Proof {
  const told = entry.values as unknown as Told<'pulled'>; // cast: the schema of this kind
  const place = pulls.findIndex(({ id }) => id === told.pull);
  const kept = pulls[place];
  const stood = told.endPa === null ? '' : `${readingText(formatVacuum(told.endPa, units))}, `;
  return {
    ...{ id: told.pull, of: 'pull', job: told.job },
    title: `${WORDS.pull(place + 1)}, ${PULL_VERDICT_WORDS[told.verdict]}`,
    lines: [`${stood}${readingText(formatWait(told.minutes))}, ${dayOf(entry)}`, ...(told.breaks > 0 ? [WORDS.broken(told.breaks)] : [])],
    ...{ isGood: told.verdict === 'tight-and-dry', isBad: told.verdict === 'leak' || told.verdict === 'wet' },
    isLive: (kept?.series.length ?? 0) > 0,
    points: kept ? pullMoments(kept).map(({ at, pa }): PointXY => [Date.parse(at) / 1000, Math.log10(Math.max(pa, 0.1))]) : [],
    covers: job && kept ? job.order.filter(({ at }) => at !== null && !liesIn(at, kept.began.values.unreached)) : [],
  };
}

/** Of each hold and pull what it showed last, in the order they were begun. */
export function proofsOf(entries: readonly JointEntry[], job: JobView | undefined, units: UnitPreferences): readonly Proof[] {
  const facts = job ? factsIn(job.stages.entries) : [];
  const [holds, pulls] = [holdsOf(facts), pullsOf(facts)];
  const proofs = new Map<string, Proof>();
  for (const entry of entries) {
    const of = { entry, job, units };
    const proof =
      entry.kind === 'held' && typeof entry.values['verdict'] === 'string'
        ? heldProof(of, holds)
        : entry.kind === 'pulled'
          ? pulledProof(of, pulls)
          : null;
    if (proof) proofs.set(proof.id, proof);
  }
  return [...proofs.values()];
}
