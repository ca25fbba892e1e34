import { Saturation } from '../refrigerant/saturation';

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
