import type { Body } from '@kesto/contract/api';
import { thing, type Write } from '@/outbox';

/** In the order of the job's own chain, after its photos. */
export const stageEntryWrite = (jobId: string, entryId: string, body: Body<'putStageEntry'>): Write<'putStageEntry'> => ({
  route: 'putStageEntry',
  params: { job: jobId, entry: entryId },
  body,
  about: [thing.job(jobId)],
  needs: [thing.job(jobId), ...body.photos.map(thing.photo)],
  makes: null,
  changes: [{ type: 'Job', id: jobId }, 'Today'],
});
