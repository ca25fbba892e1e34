import type { JointView } from '@kesto/contract';
import { useJoint } from '@/data/jobs/useJoint';

/** The joint of the job that was planned before this one, with its plan; null where there is none. */
export function useLastJoint({ id, job }: JointView): JointView | null {
  const place = job.order.findIndex((joint) => joint.id === id);
  const before = place < 0 ? job.order : job.order.slice(0, place);
  const last = before.findLast((joint) => joint.id !== id && joint.state !== 'not-planned');
  const { data } = useJoint(last?.id ?? null);
  return data?.plan ? data : null;
}
