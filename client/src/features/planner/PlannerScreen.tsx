import type { JointView, VanStock } from '@kesto/contract';
import { useVanQuery } from '@/features/jobs/api';
import { useSchools, type SchoolsHere } from '@/features/shop/useSchools';
import { Loading } from '@/ui/states';
import { useIsWide } from '@/ui/theme';
import { PlannerPhone } from './PlannerPhone';
import { PlannerWide } from './PlannerWide';
import { usePlanner, type Planner } from './usePlanner';
import { usePlannerScreen } from './usePlannerScreen';

/** One joint before it is made: the drawing is edited, the plan answers at every change. */
export function PlannerScreen({ joint }: { joint: JointView }) {
  const { data: van } = useVanQuery();
  const schools = useSchools(joint.job.schools);
  const planner = usePlanner(joint);
  if (!van || !schools) return <Loading what="the van" />;
  return <Ready joint={joint} planner={planner} van={van} schools={schools} />;
}

function Ready(props: { joint: JointView; planner: Planner; van: VanStock; schools: SchoolsHere }) {
  const view = usePlannerScreen(props);
  return useIsWide() ? <PlannerWide view={view} /> : <PlannerPhone view={view} />;
}
