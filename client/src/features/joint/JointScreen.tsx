import type { JointView } from '@kesto/contract';
import { PlannerScreen } from '@/features/planner/PlannerScreen';
import { useMayMake } from '@/features/session/useMayMake';
import { PassportScreen } from './PassportScreen';

/** One joint, one place: the planner before it is made, its passport after. */
export function JointScreen({ joint }: { joint: JointView }) {
  const mayMake = useMayMake();
  const begun = joint.entries.length > 0 || (joint.state !== 'planned' && joint.state !== 'not-planned');
  const toPlan = !begun && mayMake;
  return toPlan ? <PlannerScreen key={joint.id} joint={joint} /> : <PassportScreen key={joint.id} joint={joint} />;
}
