import type { ResolvedJoint } from '../joint/resolvedJoint';
import type { FillerRow } from '../filler/fillers';

/** Rod used over rod that stays in the joint: drips and stubs. */
export const ROD_WASTE = 1.3;

export interface RodAmount {
  /** Net volume in the joint [m3]. */
  readonly volumeM3: number;
  /** Rod used, waste and the person's own factor included [kg] and [m]. */
  readonly massKg: number;
  readonly lengthM: number;
  readonly sticks: number;
}

/** Bead that stays on the stub of the rod [m]. */
export const ROD_BEAD_M = 0.005;

/** Leg of the concave fillet: 1.2 x the tube's wall, kept within 1-2 mm [m]. Source: trade habit, a fillet that is seen all round and no more. */
export const filletLegM = (wallM: number) => Math.min(0.002, Math.max(0.001, 1.2 * wallM));

/**
 * Filler a joint takes: the gap over the insertion, and one concave ring fillet.
 *
 * @returns V = pi/4 (B^2 - D^2) L + pi (D + z) z^2 (1 - pi/4), net; mass and length with waste 1.3, 5 mm of rod for the bead that stays
 *          on its stub, and the person's factor
 * @accuracy the waste is trade habit (1.3-2); the net volume follows the measured gap
 */
export function rodAmount(joint: ResolvedJoint, filler: FillerRow, rod: { areaM2: number; stickM: number }, personFactor = 1): RodAmount {
  const D = joint.male.outsideM;
  const z = filletLegM(joint.male.wallM);
  const gap = (Math.PI / 4) * (joint.female.boreM ** 2 - D ** 2) * joint.female.cupDepthM;
  const volumeM3 = gap + Math.PI * (D + z) * z ** 2 * (1 - Math.PI / 4);
  const used = (volumeM3 * ROD_WASTE + ROD_BEAD_M * rod.areaM2) * personFactor;
  return { volumeM3, massKg: used * filler.densityKgPerM3, lengthM: used / rod.areaM2, sticks: used / rod.areaM2 / rod.stickM };
}
