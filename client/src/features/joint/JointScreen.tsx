import type { JointView } from '@kesto/contract';
import { readEntry } from '@kesto/core';
import { useRouter } from 'expo-router';
import { useEffect } from 'react';
import { useJob } from '@/data/jobs/useJob';
import { PlannerScreen } from '@/features/planner';
import { useMayMake } from '@/session/useMayMake';
import { coldMethodOf } from '@/data/jobs/coldMethodOf';
import { PassportScreen } from './PassportScreen';

/**
 * One joint, one place: the planner before it is made, its passport after. One that was decided cold needs no plan: its checks are its sheet.
 *
 * @param asLast  it is to be planned as the joint before it was
 */
export function JointScreen({ joint, asLast = false }: { joint: JointView; asLast?: boolean }) {
  const router = useRouter();
  const mayMake = useMayMake();
  const { data: job } = useJob(joint.at ? joint.job.id : null);
  const begun =
    joint.entries.some((link) => readEntry(link).kind !== 'goes-on-from') || (joint.state !== 'planned' && joint.state !== 'not-planned');
  const toPlan = !begun && mayMake;
  const isCold = toPlan && job !== undefined && coldMethodOf(joint, job) !== null;
  useEffect(() => {
    if (isCold) router.replace(`/joints/${joint.id}/run`);
  }, [isCold, router, joint.id]);
  return toPlan ? <PlannerScreen key={joint.id} joint={joint} asLast={asLast} /> : <PassportScreen key={joint.id} joint={joint} />;
}
