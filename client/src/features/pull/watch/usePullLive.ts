import type { JobView, PullLive } from '@kesto/contract';
import type { KeptPull } from '@kesto/core';
import { usePullLiveQuery, usePullLiveState } from '@/data/holds/api';
import { useFresher } from '@/data/holds/useFresher';
import { usePushed } from '@/data/holds/usePushed';

/** Without a line to be told by: a pull that instruments speak of is asked about once a second, another now and then, for what others note. */
const ASKED_MS = { spoken: 1000, byHand: 5000 } as const;

/** What instruments have sent of a pull; what another phone noted meanwhile is fetched. */
export function usePullLive(
  job: JobView,
  pull: KeptPull,
  { isWatched, by }: { isWatched: boolean; by: string | null },
): PullLive | undefined {
  const of = { job: job.id, pull: pull.id, by };
  const isTold = usePushed({ of: 'pull', job: job.id, id: pull.id, by }, isWatched);
  const { data } = usePullLiveState(of);
  const isSpoken = (data?.series.length ?? 0) > 0;
  const { refetch } = usePullLiveQuery(of, { pollingInterval: isWatched && !isTold ? (isSpoken ? ASKED_MS.spoken : ASKED_MS.byHand) : 0 });
  useFresher(job, data?.entries, refetch);
  return data;
}
