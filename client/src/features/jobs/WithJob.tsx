import type { JobView } from '@kesto/contract';
import type { ReactNode } from 'react';
import { Fetched } from '@/api/Fetched';
import { useJobQuery } from './api';

/** A screen that needs one job. */
export function WithJob({ id, children }: { id: string; children: (job: JobView) => ReactNode }) {
  return (
    <Fetched query={useJobQuery(id)} what="the job">
      {children}
    </Fetched>
  );
}
