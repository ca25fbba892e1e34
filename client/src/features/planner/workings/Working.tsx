import { OxygenCurve } from '@/features/plan';
import type { PlannerView } from '../usePlannerScreen';
import { workingOf } from './index';
import { WorkingSheet } from './WorkingSheet';

/** The working that was asked for, or nothing. */
export function Working({ view }: { view: PlannerView }) {
  if (view.why === null || !view.plan) return null;
  return (
    <WorkingSheet working={workingOf(view.why, view.plan, view.units)} onClose={() => view.setWhy(null)}>
      {view.plan.purge && view.why === 'flood' ? <OxygenCurve purge={view.plan.purge} /> : null}
    </WorkingSheet>
  );
}
