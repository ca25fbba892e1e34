import type { JobLink } from '@kesto/core';
import { put } from '../route';
import { MAKERS } from '../session/types';
import type { PutStageEntryRequest } from './types';

export const STAGE_ROUTES = {
  putStageEntry: put<PutStageEntryRequest, JobLink>()('/api/jobs/:job/stages/:entry', {
    summary: 'Note something of a stage of a job: found, decided, made safe',
    roles: MAKERS,
  }),
} as const;
