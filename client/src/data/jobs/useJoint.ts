import { skipToken } from '@reduxjs/toolkit/query/react';
import { useMemo } from 'react';
import { useJob } from './useJob';
import { useMe } from '@/session/useMe';
import { goes, useUnrefused } from '@/outbox';
import { useJointQuery } from '@/data/joints/api';
import { jointWith, newJoint } from '@/data/joints/pendingJoint';

/** One joint as it stands with what is kept here. */
export function useJoint(id: string | null) {
  const kept = useUnrefused();
  const query = useJointQuery(id ?? skipToken);
  const adding = kept.find((command) => goes('putJoint')(command) && command.params['joint'] === id);
  const { data: job } = useJob(adding?.params['job'] ?? null);
  const me = useMe();
  return useMemo(() => {
    const summary = job?.order.find((joint) => joint.id === id);
    const joint = query.data ?? (job && summary ? newJoint(job, { ...summary, state: 'not-planned' }) : undefined);
    return { ...query, data: joint && jointWith(joint, kept, me?.person.name ?? '') };
  }, [query, job, kept, me, id]);
}
