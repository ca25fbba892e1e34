import type { JointView, VanStock } from '@kesto/contract';
import { useVanQuery } from '@/features/jobs/api';
import { Loading } from '@/ui/states';
import { useIsWide } from '@/ui/theme';
import { PlannerPhone } from './PlannerPhone';
import { PlannerWide } from './PlannerWide';
import { usePlanner, type Planner } from './usePlanner';
import { usePlannerScreen } from './usePlannerScreen';

/** One joint before it is made: the drawing is edited, the plan answers at every change. */
export function PlannerScreen({ joint }: { joint: JointView }) {
  const { data: van } = useVanQuery();
  const planner = usePlanner(joint);
  if (!van) return <Loading what="the van" />;
  return <Ready joint={joint} planner={planner} van={van} />;
}

function Ready(props: { joint: JointView; planner: Planner; van: VanStock }) {
  const view = usePlannerScreen(props);
  return useIsWide() ? <PlannerWide view={view} /> : <PlannerPhone view={view} />;
}
