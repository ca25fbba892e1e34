import type { JobView } from '@kesto/contract';
import { UNIT_KIND_WORDS } from '@kesto/contract/wording';
import type { TitleCells } from '@/ui/TitleBlock';

/** What the title block says of a job. */
export const jobCells = (job: JobView): TitleCells => ({
  here: 'job',
  unit: { name: `${job.unit.tag} ${UNIT_KIND_WORDS[job.unit.kind]}`, href: `/units/${job.unit.id}` },
  job: { number: job.number, stage: job.stage, began: job.began, done: job.done, href: `/jobs/${job.id}` },
});
