import type { JobLink } from '@kesto/core';
import { get, put, type Streamed } from '../route';
import { EVERYBODY, MAKERS } from '../session/types';
import type { KeepReportRequest } from './types';

export const PRINT_ROUTES = {
  planPdf: get<Streamed>()('/api/joints/:joint/plan.pdf', EVERYBODY),
  plansPdf: get<Streamed>()('/api/jobs/:job/plans.pdf', EVERYBODY),
  recordPdf: get<Streamed>()('/api/joints/:joint/record.pdf', EVERYBODY),
  jobPdf: get<Streamed>()('/api/jobs/:job/job.pdf', EVERYBODY),
  reportPdf: get<Streamed>()('/api/jobs/:job/report.pdf', EVERYBODY),
  setReport: put<KeepReportRequest, JobLink>()('/api/jobs/:job/reports/:entry', MAKERS),
  foundPdf: get<Streamed>()('/api/jobs/:job/found.pdf', EVERYBODY),
} as const;
