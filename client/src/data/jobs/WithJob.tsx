import type { JobView } from '@kesto/contract';
import type { ReactNode } from 'react';
import { Fetched } from '@/api/Fetched';
import { useJob } from './useJob';

/** A screen that needs one job. */
export function WithJob({ id, children }: { id: string; children: (job: JobView) => ReactNode }) {
  return (
    <Fetched query={useJob(id)} what="the job">
      {children}
    </Fetched>
  );
}
