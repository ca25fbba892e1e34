import { forecastCurve } from '@kesto/core';
import { micronPa, secondsAt, type ForecastPoint, type Pumping } from '@kesto/core/pull';

const DRAWN_TO_PA = micronPa(150);
const TOLD_PA = [1000, 500, 250].map(micronPa);
const WIDE_BORE_M = 0.0109;

export interface PlanCurve {
  readonly name: 'chosen' | 'cores-out' | 'wide';
  readonly points: readonly ForecastPoint[];
  /** Seconds down to each of a falling row of pressures. */
  readonly times: readonly { readonly pa: number; readonly seconds: number | null }[];
}

function curve(name: PlanCurve['name'], pumping: Pumping): PlanCurve {
  const points = forecastCurve(pumping, DRAWN_TO_PA);
  return { name, points, times: TOLD_PA.map((pa) => ({ pa, seconds: secondsAt(points, pa) })) };
}

/** The pull as it is chosen, and what cores out and wider hoses buy where they are not so already. */
export function curvesOf(pumping: Pumping): readonly PlanCurve[] {
  const out: Pumping = { ...pumping, hoses: pumping.hoses.map((hose) => ({ ...hose, coreBoreM: null })) };
  const wide: Pumping = { ...out, hoses: out.hoses.map((hose) => ({ ...hose, boreM: Math.max(hose.boreM, WIDE_BORE_M) })) };
  const hasCores = pumping.hoses.some(({ coreBoreM }) => coreBoreM !== null);
  const isNarrow = pumping.hoses.some(({ boreM }) => boreM < WIDE_BORE_M);
  return [curve('chosen', pumping), ...(hasCores ? [curve('cores-out', out)] : []), ...(isNarrow ? [curve('wide', wide)] : [])];
}
