import { isCarbonDioxide, refrigerantName } from '../refrigerant/safetyClasses';
import type { Saturation } from '../refrigerant/saturation';

export const CHARGE_WAYS = ['vapour-first', 'liquid-high-side-off', 'throttled-suction-running'] as const;
/** How refrigerant is let in, in this order. */
export type ChargeWay = (typeof CHARGE_WAYS)[number];

/** More than this, and what leaves as gas changes what stays [K]. Source: trade. */
const GLIDE_K = 1;
/** Where glide is looked at [°C]. */
const USUAL_C = 25;

/** Difference of dew and bubble temperature at one pressure [K], at room warmth. */
export function glideK(fluid: Saturation): number {
  const c = Math.min(USUAL_C, fluid.rangeC.max - 1);
  return (fluid.dewC(fluid.bubblePa(c)) ?? c) - c;
}

/** Mixtures that boil as one: by the last hundred of their number. */
const isAzeotrope = (name: string): boolean => /^R-5\d\d/.test(name);
const isBlend = (name: string): boolean => /^R-4\d\d/.test(name) || isAzeotrope(name);
/** These boil as one, as near as makes no difference. */
const AS_ONE: readonly string[] = ['R-507A', 'R-513A', 'R-502'];

/** Whether a refrigerant has to leave its cylinder as liquid, or what is left changes. */
export function leavesAsLiquid(refrigerant: string, fluid: Saturation | null): boolean {
  const name = refrigerantName(refrigerant) ?? refrigerant;
  return (fluid !== null && glideK(fluid) > GLIDE_K) || (isBlend(name) && !AS_ONE.includes(name));
}

/**
 * The ways in, in their order.
 *
 * @source  ENGINE 11: vapour where liquid would freeze water or turn to dry ice; liquid into the standing machine's high side; the rest
 *          throttled into the suction of the running one
 */
export function waysIn(refrigerant: string, { water = false, runs = true }: { readonly water?: boolean; readonly runs?: boolean }) {
  const name = refrigerantName(refrigerant) ?? refrigerant;
  const ways: readonly ChargeWay[] = [
    ...(water || isCarbonDioxide(name) ? (['vapour-first'] as const) : []),
    'liquid-high-side-off',
    ...(runs ? (['throttled-suction-running'] as const) : []),
  ];
  return ways;
}
