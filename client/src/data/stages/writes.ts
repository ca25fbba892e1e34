import type { Body } from '@kesto/contract/api';
import { thing, type Write } from '@/outbox';

/** In the order of the job's own chain, after its photos and the drawing whose places it names. */
export const stageEntryWrite = (
  { id: jobId, circuitId }: { readonly id: string; readonly circuitId: string },
  entryId: string,
  body: Body<'putStageEntry'>,
): Write<'putStageEntry'> => ({
  route: 'putStageEntry',
  params: { job: jobId, entry: entryId },
  body,
  about: [thing.job(jobId)],
  needs: [thing.job(jobId), thing.circuit(circuitId), ...body.photos.map(thing.photo)],
  makes: null,
  changes: [{ type: 'Job', id: jobId }, 'Today'],
});
