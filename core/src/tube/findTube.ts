import { TUBES, type TubeRow } from './tubes';

const SAME_OUTSIDE_M = 0.00004;
const SAME_WALL_M = 0.00002;

/** All standard tubes of this actual outside diameter, thinnest wall first. The given figure may be rounded to 0.04 mm. */
export function tubesWithOutside(outsideM: number): readonly TubeRow[] {
  return TUBES.filter((row) => Math.abs(row.outsideM - outsideM) <= SAME_OUTSIDE_M).sort((a, b) => a.wallM - b.wallM);
}

/** The standard tube of this outside diameter and wall, refrigeration standards before water tube. */
export function tubeWithOutsideAndWall(outsideM: number, wallM: number): TubeRow | undefined {
  return tubesWithOutside(outsideM).find((row) => Math.abs(row.wallM - wallM) <= SAME_WALL_M);
}

/** The refrigeration tube a person most likely means by an outside diameter alone: the thinnest of its standard, which is the safe side for strength. */
export function likelyTube(outsideM: number): TubeRow | undefined {
  const rows = tubesWithOutside(outsideM);
  return rows.find((row) => row.standard === 'ASTM B280' || row.standard === 'EN 12735-1') ?? rows[0];
}
