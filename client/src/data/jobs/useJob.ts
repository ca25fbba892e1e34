import { skipToken } from '@reduxjs/toolkit/query/react';
import { useMemo } from 'react';
import { useMe } from '@/session/useMe';
import { useTodayQuery } from '@/data/today/api';
import { useUnitList } from '@/data/units/api';
import { goes, useUnrefused } from '@/outbox';
import { useJobQuery } from './api';
import { jobWith, newJob } from './pendingJob';

/** One job as it stands with what is kept here; null for none. */
export function useJob(id: string | null) {
  const kept = useUnrefused();
  const query = useJobQuery(id ?? skipToken);
  const opening = kept.find((command) => goes('putJob')(command) && command.params['job'] === id);
  const { data: units } = useUnitList(opening !== undefined);
  const { data: today } = useTodayQuery(opening ? undefined : skipToken);
  const me = useMe();
  return useMemo(() => {
    const number = 1 + Math.max(0, ...(today?.jobs ?? []).map((job) => job.number));
    const job = query.data ?? (opening && units ? newJob(opening, units, number) : undefined);
    return { ...query, data: job && jobWith(job, kept, me?.person.name ?? '') };
  }, [kept, query, opening, units, today, me]);
}
