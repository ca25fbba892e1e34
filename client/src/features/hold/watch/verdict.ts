import { format } from 'date-fns/format';
import { formatYearlyLoss, formatYearsLoss, readingText, type UnitPreferences } from '@kesto/core/unit';
import { leakText, tightDownTo } from '@kesto/contract/wording';
import type { HoldVerdict, Worked } from '@kesto/core';
import type { Tone } from '@/ui/Words';
import { WORDS } from '../words';
import { wantedGramsOf } from './looks';
import type { HoldWatchWork } from './useHoldWatch';

/** What is told at first glance: the verdict with its figure, or how long until there can be one. */
export interface Glance {
  readonly title: string;
  readonly says: string;
  readonly tone: Tone;
}

type Figures = Pick<Worked<'hold-ended'>, 'verdict' | 'leakPaM3S' | 'smallestSeenPaM3S' | 'gramsPerYear'> & {
  readonly gramsPerYearSeen?: number | null;
};

const TITLES: Readonly<Record<HoldVerdict, { readonly title: string; readonly tone: Tone }>> = {
  tight: { title: WORDS.tight, tone: 'teal' },
  leaking: { title: WORDS.leaking, tone: 'red' },
  'cannot-tell': { title: WORDS.cannotTell, tone: 'amber' },
};

const rate = (grams: number | null, paM3S: number, units: UnitPreferences) =>
  grams === null ? leakText(paM3S) : `${readingText(formatYearlyLoss(grams / 1000, units, 2))}`;

/** A verdict with its figure: no "tight" without how small a leak it could see. */
export function verdictOf(
  { verdict, leakPaM3S, smallestSeenPaM3S, gramsPerYear, gramsPerYearSeen = null }: Figures,
  units: UnitPreferences,
): Glance {
  const { title, tone } = TITLES[verdict];
  if (leakPaM3S === null || smallestSeenPaM3S === null) return { title, tone, says: WORDS.noReadings };
  if (verdict === 'leaking') return { title, tone, says: WORDS.loses(rate(gramsPerYear, leakPaM3S, units)) };
  const bound = tightDownTo({ leakPaM3S, smallestSeenPaM3S, gramsPerYearSeen });
  const grams = gramsPerYearSeen === null ? null : (gramsPerYearSeen * bound) / smallestSeenPaM3S;
  if (verdict === 'tight') return { title, tone, says: WORDS.downTo(rate(grams, bound, units)) };
  return { title, tone, says: WORDS.blindBelow(rate(gramsPerYearSeen, smallestSeenPaM3S, units)) };
}

/** While it is watched. */
export function glanceOf(watch: HoldWatchWork, units: UnitPreferences): Glance {
  const { curve, kept, state, settledS, isSettled } = watch;
  if (kept.ended) return verdictOf(kept.ended.values, units);
  if (state === 'filling') return { title: WORDS.filling, says: watch.isAtStrength ? WORDS.soapAfter : WORDS.soapNow, tone: 'ink' };
  const clock = format(new Date(Date.parse(kept.began.at) + (settledS ?? 0) * 1000), 'HH:mm');
  if (!isSettled) return { title: WORDS.settling, says: WORDS.countsFrom(clock), tone: 'ink' };
  if (!curve) return { ...TITLES['cannot-tell'], says: WORDS.noReadings };
  const found = verdictOf(curve.hold, units);
  const wanted = wantedGramsOf(curve);
  if (curve.hold.verdict !== 'cannot-tell' || wanted === null || curve.hold.gramsPerYearSeen === null) return found;
  const seen = readingText(formatYearlyLoss(curve.hold.gramsPerYearSeen / 1000, units, 2));
  return { ...found, says: WORDS.blindLooking(seen, readingText(formatYearsLoss(wanted / 1000, units, 2))) };
}
