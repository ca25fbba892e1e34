import type { ResolvedJoint } from '../joint/resolvedJoint';
import type { FillerRow } from '../filler/fillers';
import { METALS } from '../metal/metals';

/** Shear strength of a sound lap of copper-phosphorus or silver filler [Pa], and the share of the lap counted as filled. */
const FILLER_SHEAR_PA = 100e6;
const FILLED_SHARE = 0.8;

/**
 * Least overlap that carries the weaker member: the larger of 3 x the thinner wall and W (D - W) T / (0.8 L D).
 *
 * @returns [m]; 3 x the thinner wall alone for aluminium and zinc-aluminium, where L is not known
 * @source  brazing handbook: lap at least 3 t, and the lap that makes the tube the weaker part
 */
export function leastOverlapM(joint: ResolvedJoint, filler: FillerRow | null): number {
  const thinner = Math.min(joint.male.wallM, joint.female.wallM);
  const shearKnown = !filler || filler.family === 'copper-phosphorus' || filler.family === 'silver';
  const aluminium = joint.male.metal === 'aluminium' || joint.female.metal === 'aluminium';
  if (!shearKnown || aluminium) return 3 * thinner;
  const weaker = weakerMember(joint);
  const D = joint.male.outsideM;
  return Math.max(3 * thinner, (weaker.wallM * (D - weaker.wallM) * weaker.tensilePa) / (FILLED_SHARE * FILLER_SHEAR_PA * D));
}

/** The member with the smaller wall x annealed tensile strength. Source: membrane strength of a tube in tension, force = stress x wall x circumference. */
export function weakerMember({ male, female }: ResolvedJoint): { wallM: number; tensilePa: number } {
  const member = ({ wallM, metal }: ResolvedJoint['male'] | ResolvedJoint['female']) => ({
    wallM,
    tensilePa: METALS[metal].tensileAnnealedPa,
  });
  const [one, other] = [member(male), member(female)];
  return other.wallM * other.tensilePa < one.wallM * one.tensilePa ? other : one;
}
