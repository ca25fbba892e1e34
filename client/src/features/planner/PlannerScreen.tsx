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
import { WORDS } from './words';

/**
 * One joint before it is made: the drawing is edited, the plan answers at every change.
 *
 * @param asLast  what is as at the joint before is taken over as it opens
 */
export function PlannerScreen({ joint, asLast = false }: { joint: JointView; asLast?: boolean }) {
  const van = useVanStock();
  const shopSchools = useShopSchools();
  const schools = useSchools(joint.job.schools);
  const planner = usePlanner(joint);
  return (
    <Fetched query={van} what={WORDS.theVan}>
      {(stock) => (
        <Fetched query={shopSchools} what={WORDS.shopPracticeLabel}>
          {() => (schools ? <Ready joint={joint} planner={planner} van={stock} schools={schools} takesLast={asLast} /> : null)}
        </Fetched>
      )}
    </Fetched>
  );
}

function Ready(props: { joint: JointView; planner: Planner; van: VanStock; schools: SchoolsHere; takesLast: boolean }) {
  const view = usePlannerScreen(props);
  return useIsWide() ? <PlannerWide view={view} /> : <PlannerPhone view={view} />;
}
