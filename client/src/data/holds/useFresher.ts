import type { JobView } from '@kesto/contract';
import { useEffect } from 'react';
import { useDispatch } from 'react-redux';
import { api } from '@/api/api';

/** What another phone noted meanwhile is fetched; what was noted here counts for the server's own picture, which is asked again at once. */
export function useFresher(job: JobView, entries: number | undefined, refetch: () => unknown): void {
  const dispatch = useDispatch();
  const noted = job.stages.entries.length;
  const isLonger = entries !== undefined && entries > noted;
  useEffect(() => {
    if (isLonger) dispatch(api.util.invalidateTags([{ type: 'Job', id: job.id }]));
  }, [isLonger, entries, dispatch, job.id]);
  useEffect(() => void refetch(), [noted, refetch]);
}
