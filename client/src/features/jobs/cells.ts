import type { JobView } from '@kesto/contract';
import type { TitleCells } from '@/ui/TitleBlock';

/** What the title block says of a job. */
export const jobCells = (job: JobView): TitleCells => ({
  here: 'job',
  unit: { name: `${job.unit.tag} ${job.unit.kind}` },
  job: { number: job.number, stage: job.stage, done: job.done, href: `/jobs/${job.id}` },
});
