import type { JobSchools } from '@kesto/contract';
import type { Schools } from '@kesto/core';
import { useMemo } from 'react';
import { useShopSchools } from './api';

export interface SchoolsHere {
  readonly shop: Schools;
  readonly job: Schools;
  /** What holds unless one joint says otherwise: the job's answer where it has one, else the shop's. */
  readonly here: Schools;
}

/** The schools a joint of this job is planned by; null until they are known. */
export function useSchools(ofJob: JobSchools | null): SchoolsHere | null {
  const { data: shop } = useShopSchools();
  return useMemo(() => {
    const job = ofJob?.schools ?? {};
    return shop ? { shop, job, here: { ...shop, ...job } } : null;
  }, [shop, ofJob]);
}
