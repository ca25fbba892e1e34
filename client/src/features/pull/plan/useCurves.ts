import type { Pumping } from '@kesto/core/pull';
import { useMemo } from 'react';
import { curvesOf, type PlanCurve } from './curves';

/** The curves of a pull as it is typed; what is typed beside it draws none anew. */
export function useCurves(pumping: Pumping | null): readonly PlanCurve[] | null {
  const said = JSON.stringify(pumping);
  return useMemo(() => {
    const same = JSON.parse(said) as Pumping | null; // cast: written the line above
    return same && curvesOf(same);
  }, [said]);
}
