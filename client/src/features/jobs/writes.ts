import type { Body } from '@kesto/contract/api';
import { thing, type Write } from '@/outbox';

/** After the unit it stands on. */
export const jobWrite = (id: string, unitId: string, body: Body<'putJob'>): Write<'putJob'> => ({
  route: 'putJob',
  params: { job: id },
  body,
  things: [thing.job(id), thing.unit(unitId)],
  changes: ['Today', 'Job'],
});

/** After the job it belongs to; its plan and its record come after it. */
export const jointWrite = (jobId: string, jointId: string, body: Body<'putJoint'>): Write<'putJoint'> => ({
  route: 'putJoint',
  params: { job: jobId, joint: jointId },
  body,
  things: [thing.joint(jointId), thing.job(jobId)],
  changes: [{ type: 'Job', id: jobId }, 'Today', 'Joint'],
});

export const jobEntryWrite = (jobId: string, entryId: string, body: Body<'putJobEntry'>): Write<'putJobEntry'> => ({
  route: 'putJobEntry',
  params: { job: jobId, entry: entryId },
  body,
  things: [thing.job(jobId)],
  changes: [{ type: 'Job', id: jobId }, 'Joint'],
});
