import type { JobLink, JointLink } from '@kesto/core';
import { put } from '../route';
import { EVERYBODY } from '../session/types';
import type { PutCommentRequest } from './types';

export const COMMENT_ROUTES = {
  putJointComment: put<PutCommentRequest, JointLink>()('/api/joints/:joint/comments/:entry', EVERYBODY),
  putJobComment: put<PutCommentRequest, JobLink>()('/api/jobs/:job/comments/:entry', EVERYBODY),
} as const;
