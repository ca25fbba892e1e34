import { Saturation } from '../refrigerant/saturation';
import { gaugePascals, SEA_LEVEL, type GaugePascals } from '../unit/units';

/** Source: 49 CFR 173.304a and the maker's fill rules: 80 % of its water capacity at the density of 25 °C. */
const MOST_FILLED = 0.8;

/**
 * How full a recovery cylinder is.
 *
 * @param waterKg      water it holds by its stamp [kg]
 * @param inItKg       refrigerant in it [kg]
 * @param refrigerant  its usual name
 * @returns            share of what it may hold at most (1 is full), that most [kg] and what may still go in [kg, under zero where overfilled]; null for a refrigerant whose density is not known here
 * @source             0.8 x water capacity x density of the liquid at 25 °C over that of water
 */
export function cylinderFill(
  waterKg: number,
  inItKg: number,
  refrigerant: string,
): { readonly share: number; readonly mostKg: number; readonly leftKg: number } | null {
  const fluid = Saturation.of(refrigerant);
  if (!fluid) return null;
  const mostKg = MOST_FILLED * waterKg * fluid.liquidKgPerL(25);
  return { share: inItKg / mostKg, mostKg, leftKg: mostKg - inItKg };
}

/** Share over its stamped service pressure that a cylinder may reach at 55 °C. Source: 49 CFR 173.301a (d). */
const OVER_SERVICE = 5 / 4;
const WARM_C = 55;

/**
 * The service pressure a cylinder has to be stamped with for what it takes.
 *
 * @param refrigerant  its usual name
 * @returns            [Pa gauge] at least; null for a refrigerant whose pressure is not known here or ends below 55 °C
 * @source             49 CFR 173.301a (d): pressure at 55 °C not above 5/4 of the service pressure
 */
export function leastServicePressure(refrigerant: string): GaugePascals | null {
  const fluid = Saturation.of(refrigerant);
  if (!fluid || fluid.rangeC.max < WARM_C) return null;
  return gaugePascals((fluid.bubblePa(WARM_C) - SEA_LEVEL) / OVER_SERVICE);
}
