import type { LeakLaw, LeakUse } from '../ledger/words';

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

/** Of the full charge in a year [%]: above it the machine is repaired. Source: 40 CFR 84.106, 82.157, quoted from memory. */
const US_THRESHOLD_PERCENT: Readonly<Record<Exclude<LeakUse, 'light-comfort'>, number>> = { comfort: 10, commercial: 20, industrial: 30 };
const US_REPAIR_DAYS = 30;
/** From so much on: 50 lb of what thins the ozone layer, 15 lb of what warms [kg]. */
const US_FROM_KG = { ozone: 22.68, warming: 6.8 } as const;
const US_WARMS_FROM_GWP = 53;
/** With chlorine or bromine. */
const OZONE: readonly string[] = [
  'R-11',
  'R-12',
  'R-22',
  'R-123',
  'R-124',
  'R-142b',
  'R-401A',
  'R-402A',
  'R-408A',
  'R-409A',
  'R-500',
  'R-502',
];

/** A leak rate from which the machine has to be repaired, and by when. */
export interface RepairDuty {
  readonly thresholdPercent: number;
  readonly days: number;
}

/** @param gwp  null where nobody knows it: taken as one that counts */
function usDuty(fullKg: number, gwp: number | null, refrigerant: string, use: LeakUse | null): RepairDuty | null {
  const thinsOzone = OZONE.includes(refrigerant);
  const counts = thinsOzone ? fullKg >= US_FROM_KG.ozone : (gwp ?? Infinity) > US_WARMS_FROM_GWP && fullKg >= US_FROM_KG.warming;
  if (!counts || use === null || use === 'light-comfort') return null;
  return { thresholdPercent: US_THRESHOLD_PERCENT[use], days: US_REPAIR_DAYS };
}

export interface ByLaw {
  readonly tonnesCo2e: number | null;
  readonly checkMonths: number | null;
  /** Days after the repair by which it is looked at again; null where the place asks for none. */
  readonly recheckDays: number | null;
  /** Null where the place asks for none, or nobody said what the machine cools. */
  readonly repair: RepairDuty | null;
}

/** A machine as far as the law of its place asks. */
interface LawAsked {
  readonly place: LeakLaw;
  readonly fullKg: number;
  readonly gwp: number | null;
  readonly refrigerant: string;
  readonly use?: LeakUse | null;
}

/**
 * What the place asks for.
 *
 * @param fullKg  full charge
 * @param gwp     null where nobody knows it
 * @source        EU 2024/573; 40 CFR 84.106, quoted from memory: the edition in force decides
 */
export function byLaw(
  { place, fullKg, gwp, refrigerant, use = null }: LawAsked,
  { hermetic, leakDetection }: { hermetic: boolean; leakDetection: boolean },
): ByLaw {
  if (place === 'us') {
    const repair = usDuty(fullKg, gwp, refrigerant, use);
    return { tonnesCo2e: null, checkMonths: null, recheckDays: RECHECK_DAYS.us, repair };
  }
  if (place !== 'eu') return { tonnesCo2e: null, checkMonths: null, recheckDays: null, repair: null };
  const tonnesCo2e = gwp === null ? null : (fullKg * gwp) / 1000;
  const row = UNSATURATED.includes(refrigerant)
    ? EU_MASS.find(({ from }) => fullKg >= from)
    : EU_TONNES.find(({ from }) => tonnesCo2e !== null && tonnesCo2e >= from);
  const isFree = hermetic && (tonnesCo2e ?? Infinity) < HERMETIC_TONNES;
  const months = row && !isFree ? row.months * (leakDetection ? 2 : 1) : null;
  return { tonnesCo2e, checkMonths: months, recheckDays: RECHECK_DAYS.eu, repair: null };
}
