import type { JobLink } from '@kesto/core';
import { put } from '../route';
import { MAKERS } from '../session/types';
import type { OverruleBesideRequest, PutStageEntryRequest } from './types';

export const STAGE_ROUTES = {
  putStageEntry: put<PutStageEntryRequest, JobLink>()('/api/jobs/:job/stages/:entry', MAKERS),
  overruleBeside: put<OverruleBesideRequest, JobLink>()('/api/jobs/:job/overrulings/:entry', MAKERS),
} as const;
