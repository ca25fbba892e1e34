import { TUBES, type TubeRow } from './tubes';

/** Sizes are the same within a tenth of a millimetre: 54 mm is 2-1/8 in. */
const SAME_OUTSIDE_M = 0.0001;
/** Inch sizes written in millimetres are off by this much [m]. */
const ROUNDING_M = 0.00003;
const SAME_WALL_M = 0.00002;

/** All standard tubes of this actual outside diameter, the nearest first, then the thinnest wall. The given figure may be rounded to 0.1 mm. */
export function tubesWithOutside(outsideM: number): readonly TubeRow[] {
  const miss = (row: TubeRow) => Math.abs(row.outsideM - outsideM);
  const found = TUBES.filter((row) => miss(row) <= SAME_OUTSIDE_M);
  const nearestM = Math.min(...found.map(miss));
  // What lies within a rounding of the nearest is the same size in another standard.
  return found.filter((row) => miss(row) <= nearestM + ROUNDING_M).sort((a, b) => a.wallM - b.wallM);
}

/** The standard tube of this outside diameter and wall, refrigeration standards before water tube. */
export function tubeWithOutsideAndWall(outsideM: number, wallM: number): TubeRow | undefined {
  return tubesWithOutside(outsideM).find((row) => Math.abs(row.wallM - wallM) <= SAME_WALL_M);
}

/**
 * The tube a person most likely means by an outside diameter alone: the thinnest, which is the safe side for strength.
 * Of two as thin the table names refrigeration tube first; water tube is never the thinner.
 */
export const likelyTube = (outsideM: number): TubeRow | undefined => tubesWithOutside(outsideM)[0];
