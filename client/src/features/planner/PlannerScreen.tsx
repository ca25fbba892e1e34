import type { JointView, VanStock } from '@kesto/contract';
import { Fetched } from '@/api/Fetched';
import { useVanStock } from '@/data/van/api';
import { useShopSchools } from '@/data/shop/api';
import { useSchools, type SchoolsHere } from '@/data/shop/useSchools';
import { useIsWide } from '@/ui/theme';
import { PlannerPhone } from './PlannerPhone';
import { PlannerWide } from './PlannerWide';
import { usePlanner, type Planner } from './usePlanner';
import { usePlannerScreen } from './usePlannerScreen';

/** One joint before it is made: the drawing is edited, the plan answers at every change. */
export function PlannerScreen({ joint }: { joint: JointView }) {
  const van = useVanStock();
  const shopSchools = useShopSchools();
  const schools = useSchools(joint.job.schools);
  const planner = usePlanner(joint);
  return (
    <Fetched query={van} what="the van">
      {(stock) => (
        <Fetched query={shopSchools} what="shop practice">
          {() => (schools ? <Ready joint={joint} planner={planner} van={stock} schools={schools} /> : null)}
        </Fetched>
      )}
    </Fetched>
  );
}

function Ready(props: { joint: JointView; planner: Planner; van: VanStock; schools: SchoolsHere }) {
  const view = usePlannerScreen(props);
  return useIsWide() ? <PlannerWide view={view} /> : <PlannerPhone view={view} />;
}
