import type { JobLink } from '@kesto/core';
import { put } from '../route';
import { MAKERS } from '../session/types';
import type { OverruleBesideRequest, PutStageEntryRequest } from './types';

export const STAGE_ROUTES = {
  putStageEntry: put<PutStageEntryRequest, JobLink>()('/api/jobs/:job/stages/:entry', {
    summary: 'Note something of a stage of a job: found, decided, made safe',
    roles: MAKERS,
  }),
  overruleBeside: put<OverruleBesideRequest, JobLink>()('/api/jobs/:job/overrulings/:entry', {
    summary: 'Overrule a gate as a lead who signs in on somebody else’s phone for it',
    roles: MAKERS,
  }),
} as const;
