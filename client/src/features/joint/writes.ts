import type { Body } from '@kesto/contract/api';
import { thing, type Write } from '@/outbox';

const ofJoint = (id: string): Write['changes'] => [{ type: 'Joint', id }, 'Joint', 'Job', 'Today'];

export const planWrite = (jointId: string, planId: string, body: Body<'putPlan'>): Write<'putPlan'> => ({
  route: 'putPlan',
  params: { joint: jointId, plan: planId },
  body,
  things: [thing.joint(jointId)],
  changes: ofJoint(jointId),
});

/** After its photos, and after what was made safe on its job: the record names them, and the torch asks for it. */
export const entryWrite = (
  jointId: string,
  entryId: string,
  { jobId, ...body }: Body<'putEntry'> & { jobId: string },
): Write<'putEntry'> => ({
  route: 'putEntry',
  params: { joint: jointId, entry: entryId },
  body,
  things: [thing.joint(jointId), thing.job(jobId), ...body.photos.map(thing.photo)],
  changes: ofJoint(jointId),
});

export const photoWrite = (sha256: string, file: Blob): Write<'putPhoto'> => ({
  route: 'putPhoto',
  params: { source: sha256 },
  body: undefined,
  things: [thing.photo(sha256)],
  changes: [],
  file,
});
