import type { Along } from '@kesto/core';

interface Depth {
  /** Depth of the cup [m]. */
  readonly cupDepthM: number;
}

/** A distance of one side on the drawing's axis [mm]: 0 at the cup's mouth, out along the tube negative; past the cup it counts from the cup's bottom. */
export const axisMm = (along: Along, distanceM: number, { cupDepthM }: Depth): number =>
  along === 'male' ? -distanceM * 1000 : (distanceM + cupDepthM) * 1000;

/** The other way: what stands at a place of the axis is this far along that side [mm], not less than nothing. */
export const alongMm = (along: Along, axis: number, { cupDepthM }: Depth): number =>
  Math.max(0, along === 'male' ? -axis : axis - cupDepthM * 1000);
