import type { LeakLaw } from '../ledger/words';

/** What was added because it was lost, in the year. */
export interface LostCharge {
  readonly fullKg: number;
  readonly lostKg: number;
  /** Since the addition before. */
  readonly sinceDays: number;
  readonly additions: readonly { readonly kg: number; readonly daysAgo: number }[] | null;
  /** Since the last repair that was verified; null where none was. */
  readonly repairedDaysAgo: number | null;
}

const YEAR_DAYS = 365;

/**
 * The leak rate as a share of the full charge in a year [%], both usual ways.
 *
 * @source  40 CFR 84.106: annualising and rolling average; what was put back is no addition
 */
export function annualRatePercent({ fullKg, lostKg, sinceDays, additions, repairedDaysAgo }: LostCharge) {
  const counted = (additions ?? []).filter(({ daysAgo }) => daysAgo <= YEAR_DAYS && daysAgo < (repairedDaysAgo ?? Infinity));
  const rollingKg = counted.reduce((sum, { kg }) => sum + kg, lostKg);
  return {
    annualised: (lostKg / fullKg) * (YEAR_DAYS / Math.min(YEAR_DAYS, sinceDays)) * 100,
    rolling: (rollingKg / fullKg) * 100,
  };
}

/** Tonnes of CO2 equivalent from which it is checked so often [months]. Source: EU 2024/573, quoted from memory: the edition in force decides. */
const EU_TONNES = [
  { from: 500, months: 3 },
  { from: 50, months: 6 },
  { from: 5, months: 12 },
] as const;
/** Of unsaturated ones by mass [kg]. */
const EU_MASS = [
  { from: 100, months: 3 },
  { from: 10, months: 6 },
  { from: 1, months: 12 },
] as const;
const UNSATURATED: readonly string[] = ['R-1234yf', 'R-1234ze(E)'];
const HERMETIC_TONNES = 10;
/** After a repair [days]: within a month; in the US within ten days of normal running. */
const RECHECK_DAYS = { eu: 30, us: 10 } as const;

export interface ByLaw {
  readonly tonnesCo2e: number | null;
  readonly checkMonths: number | null;
  /** Days after the repair by which it is looked at again; null where the place asks for none. */
  readonly recheckDays: number | null;
}

/**
 * What the place asks for.
 *
 * @param fullKg  full charge
 * @param gwp     null where nobody knows it
 * @source        EU 2024/573; 40 CFR 84.106, quoted from memory: the edition in force decides
 */
export function byLaw(
  { place, fullKg, gwp, refrigerant }: { place: LeakLaw; fullKg: number; gwp: number | null; refrigerant: string },
  { hermetic, leakDetection }: { hermetic: boolean; leakDetection: boolean },
): ByLaw {
  if (place !== 'eu') return { tonnesCo2e: null, checkMonths: null, recheckDays: place === 'us' ? RECHECK_DAYS.us : null };
  const tonnesCo2e = gwp === null ? null : (fullKg * gwp) / 1000;
  const row = UNSATURATED.includes(refrigerant)
    ? EU_MASS.find(({ from }) => fullKg >= from)
    : EU_TONNES.find(({ from }) => tonnesCo2e !== null && tonnesCo2e >= from);
  const isFree = hermetic && (tonnesCo2e ?? Infinity) < HERMETIC_TONNES;
  const months = row && !isFree ? row.months * (leakDetection ? 2 : 1) : null;
  return { tonnesCo2e, checkMonths: months, recheckDays: RECHECK_DAYS.eu };
}
