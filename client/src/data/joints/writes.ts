import type { Body } from '@kesto/contract/api';
import { thing, type Write } from '@/outbox';

const ofJoint = (id: string): Write['changes'] => [{ type: 'Joint', id }, 'Joint', 'Job', 'Today'];

export const planWrite = (jointId: string, planId: string, body: Body<'putPlan'>): Write<'putPlan'> => ({
  route: 'putPlan',
  params: { joint: jointId, plan: planId },
  body,
  about: [thing.joint(jointId)],
  needs: [thing.joint(jointId)],
  makes: thing.plan(jointId),
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
  about: [thing.joint(jointId), thing.job(jobId)],
  needs: [thing.joint(jointId), thing.plan(jointId), ...body.photos.map(thing.photo)],
  makes: null,
  changes: ofJoint(jointId),
});

export const photoWrite = (sha256: string, file: Blob): Write<'putPhoto'> => ({
  route: 'putPhoto',
  params: { source: sha256 },
  body: undefined,
  about: [thing.photo(sha256)],
  needs: [],
  makes: thing.photo(sha256),
  changes: [],
  file,
});
