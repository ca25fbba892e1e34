import type { JobLink, JointLink } from '@kesto/core';
import { put } from '../route';
import { EVERYBODY } from '../session/types';
import type { PutCommentRequest } from './types';

export const COMMENT_ROUTES = {
  putJointComment: put<PutCommentRequest, JointLink>()('/api/joints/:joint/comments/:entry', {
    summary: 'Say something of a joint’s record; changes nothing',
    roles: EVERYBODY,
  }),
  putJobComment: put<PutCommentRequest, JobLink>()('/api/jobs/:job/comments/:entry', {
    summary: 'Say something of a job’s record; changes nothing',
    roles: EVERYBODY,
  }),
} as const;
