import type { Body } from '@kesto/contract/api';
import { thing, type Write } from '@/outbox';

/** After the unit it stands on. */
export const jobWrite = (id: string, unitId: string, body: Body<'putJob'>): Write<'putJob'> => ({
  route: 'putJob',
  params: { job: id },
  body,
  about: [thing.job(id)],
  needs: [thing.unit(unitId)],
  makes: thing.job(id),
  changes: ['Today', 'Job'],
});

/** After the job it belongs to; its plan and its record come after it. */
export const jointWrite = (jobId: string, jointId: string, body: Body<'putJoint'>): Write<'putJoint'> => ({
  route: 'putJoint',
  params: { job: jobId, joint: jointId },
  body,
  about: [thing.joint(jointId)],
  needs: [thing.job(jobId)],
  makes: thing.joint(jointId),
  changes: [{ type: 'Job', id: jobId }, 'Today', 'Joint'],
});

export const jobEntryWrite = (jobId: string, entryId: string, body: Body<'putJobEntry'>): Write<'putJobEntry'> => ({
  route: 'putJobEntry',
  params: { job: jobId, entry: entryId },
  body,
  about: [thing.job(jobId)],
  needs: [thing.job(jobId)],
  makes: null,
  changes: [{ type: 'Job', id: jobId }, 'Joint'],
});
