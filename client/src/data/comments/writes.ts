import type { Body } from '@kesto/contract/api';
import { thing, type Write } from '@/outbox';

/** What somebody has to say of a joint's record. */
export const jointCommentWrite = (id: string, entry: string, body: Body<'putJointComment'>): Write<'putJointComment'> => ({
  route: 'putJointComment',
  params: { joint: id, entry },
  body,
  about: [thing.joint(id)],
  needs: [thing.joint(id)],
  makes: null,
  changes: [{ type: 'Joint', id }],
});

/** Of a job's. */
export const jobCommentWrite = (id: string, entry: string, body: Body<'putJobComment'>): Write<'putJobComment'> => ({
  route: 'putJobComment',
  params: { job: id, entry },
  body,
  about: [thing.job(id)],
  needs: [thing.job(id)],
  makes: null,
  changes: [{ type: 'Job', id }],
});
