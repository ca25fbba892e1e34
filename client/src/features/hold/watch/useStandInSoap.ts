import { useLazyStandInSoapQuery } from '@/data/holds/api';
import type { SoapRow } from './targets';
import type { HoldWatchWork } from './useHoldWatch';

/** Where a stand-in acts the machine, it can be asked what soap would show; null where a real one speaks, or none. */
export function useStandInSoap({ kept, live, jobId }: HoldWatchWork): ((row: SoapRow) => Promise<boolean | null>) | null {
  const [ask] = useLazyStandInSoapQuery();
  if (!live?.series.some(({ factor }) => factor !== null)) return null;
  return async ({ target }) => {
    const place = 'joint' in target ? target.joint : 'place' in target ? target.place : target.hose;
    const { data } = await ask({ job: jobId, hold: kept.id, place });
    return data?.bubbles ?? null;
  };
}
