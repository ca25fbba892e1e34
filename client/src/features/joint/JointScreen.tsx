import type { JointView } from '@kesto/contract';
import { PlannerScreen } from '@/features/planner/PlannerScreen';
import { useMeQuery } from '@/features/session/api';
import { PassportScreen } from './PassportScreen';

/** One joint, one place: the planner before it is made, its passport after. */
export function JointScreen({ joint }: { joint: JointView }) {
  const { data: me } = useMeQuery();
  const toPlan = joint.entries.length === 0 && me?.person.role !== 'inspector';
  return toPlan ? <PlannerScreen key={joint.id} joint={joint} /> : <PassportScreen key={joint.id} joint={joint} />;
}
