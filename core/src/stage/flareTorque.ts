/** Nut of a flare on plain copper, oil on its face: outside of the tube [m], least and most [N m]. Source: EN 378-2 style table; 5/16 differs between lists. */
const TORQUES: readonly (readonly [odM: number, least: number, most: number])[] = [
  [0.00635, 14, 18],
  [0.00794, 33, 42],
  [0.00952, 33, 42],
  [0.0127, 50, 62],
  [0.01588, 63, 77],
  [0.01905, 90, 110],
];
/** Sizes are compared to 0.1 mm. */
const SAME_M = 0.0001;

/**
 * How tight a flare's nut goes.
 *
 * @param odM  outside of the tube [m], 1/4 to 3/4 in
 * @returns    least and most [N m]; null for a size that no table has
 * @source     EN 378-2 style table for plain copper; the maker's figure counts before it
 */
export function flareTorqueNm(odM: number): { readonly least: number; readonly most: number } | null {
  const row = TORQUES.find(([od]) => Math.abs(od - odM) <= SAME_M);
  return row ? { least: row[1], most: row[2] } : null;
}
