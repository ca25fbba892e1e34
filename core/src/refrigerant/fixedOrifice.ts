import type { Given } from './readings';

const fahrenheit = (celsius: number) => celsius * 1.8 + 32;

/** Superheat a fixed orifice should show: (3 WB - 80 - DB) / 2 in °F, a trade rule [K]; null without both temperatures. */
export function fixedOrificeSuperheatK(indoorWetBulbC: number | null, outdoorC: number | null): number | null {
  if (indoorWetBulbC === null || outdoorC === null) return null;
  return (3 * fahrenheit(indoorWetBulbC) - 80 - fahrenheit(outdoorC)) / 2 / 1.8;
}

/** Where the rule was made for [°F]: wet bulb of the air that enters the coil, dry bulb outdoors. */
const WET_BULB_F = { min: 50, max: 76 } as const;
const OUTDOOR_F = { min: 55, max: 115 } as const;
/** Under this a fixed orifice is charged by weight; above that air and load are wrong first [°F]. */
const TARGET_F = { min: 5, max: 30 } as const;

const outside = (celsius: number, { min, max }: { readonly min: number; readonly max: number }) =>
  fahrenheit(celsius) < min || fahrenheit(celsius) > max;

/** What the rule says: a target, or why there is none. */
export interface OrificeTarget {
  readonly targetK: number | null;
  readonly instead: 'weigh' | 'airflow-first' | null;
}

/** The target of a fixed orifice whose plate names none. */
export function fixedOrificeTarget({ metering, superheatK, wetBulbC, outdoorC }: Given): OrificeTarget {
  const ruleK = metering === 'fixed' && superheatK === null ? fixedOrificeSuperheatK(wetBulbC, outdoorC) : null;
  if (ruleK === null || wetBulbC === null || outdoorC === null) return { targetK: null, instead: null };
  if (outside(wetBulbC, WET_BULB_F) || outside(outdoorC, OUTDOOR_F) || ruleK * 1.8 < TARGET_F.min)
    return { targetK: null, instead: 'weigh' };
  return ruleK * 1.8 > TARGET_F.max ? { targetK: null, instead: 'airflow-first' } : { targetK: ruleK, instead: null };
}
