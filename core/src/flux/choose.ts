import type { FillerRow } from '../filler/fillers';
import { isPlainCopper, type MetalName } from '../metal/metals';
import { FLUXES, type FluxClass } from './fluxes';

export type FluxReason =
  | 'self-fluxing'
  | 'silver-needs-flux'
  | 'copper-alloy'
  | 'steel'
  | 'stainless'
  | 'aluminium-bronze'
  | 'aluminium'
  | 'zinc-aluminium'
  | 'old-silver'
  | 'all-forbidden';

export interface FluxChoice {
  readonly required: boolean;
  readonly class: FluxClass | null;
  readonly reason: FluxReason;
  /** The usual class does not stay active from the filler's liquidus to the planned temperature. */
  readonly raised: boolean;
  readonly covers: boolean;
}

/** Each hotter than the one before. */
const RAISED: readonly FluxClass[] = ['FB3-A', 'FB3-C', 'FB3-D'];

/**
 * Flux for a filler on two metals. Only copper to copper with a phosphorus filler needs none.
 *
 * @param plannedC       temperature the joint is brought to [°C]
 * @param overOldSilver  old silver filler stays in the joint: flux whatever is added
 * @source AWS A5.31 classes; the active range must cover the filler's liquidus to the planned temperature
 */
export function chooseFlux(
  metals: readonly MetalName[],
  filler: FillerRow,
  { plannedC, overOldSilver }: { plannedC: number; overOldSilver: boolean },
): FluxChoice {
  if (filler.family === 'copper-phosphorus' && metals.every(isPlainCopper) && !overOldSilver) {
    return { required: false, class: null, reason: 'self-fluxing', raised: false, covers: true };
  }
  const { usual, reason } = usualFlux(metals, filler);
  const covers = (name: FluxClass) => FLUXES[name].activeFromC <= filler.liquidusC && FLUXES[name].activeToC >= plannedC;
  if (covers(usual)) return { required: true, class: usual, reason, raised: false, covers: true };
  const hotter = RAISED.slice(RAISED.indexOf(usual) + 1).find(covers);
  const canRaise = RAISED.includes(usual) && hotter !== undefined;
  return { required: true, class: canRaise ? hotter : usual, reason, raised: canRaise, covers: canRaise };
}

function usualFlux(metals: readonly MetalName[], filler: FillerRow): { usual: FluxClass; reason: FluxReason } {
  const has = (...names: MetalName[]) => names.some((name) => metals.includes(name));
  if (filler.family === 'zinc-aluminium') return { usual: 'Cs-Al-F', reason: 'zinc-aluminium' };
  if (filler.family === 'aluminium-silicon') return { usual: 'FL20', reason: 'aluminium' };
  if (has('aluminium-bronze')) return { usual: 'FB4-A', reason: 'aluminium-bronze' };
  if (has('stainless-steel', 'nickel-alloy')) return { usual: 'FB3-C', reason: 'stainless' };
  if (has('carbon-steel', 'copper-plated-steel', 'galvanised-steel')) return { usual: 'FB3-A', reason: 'steel' };
  if (has('brass', 'bronze', 'copper-nickel')) return { usual: 'FB3-A', reason: 'copper-alloy' };
  if (filler.family === 'copper-phosphorus') return { usual: 'FB3-A', reason: 'old-silver' };
  return { usual: 'FB3-A', reason: 'silver-needs-flux' };
}
