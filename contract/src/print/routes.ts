import type { JobLink } from '@kesto/core';
import { get, put, type Streamed } from '../route';
import { EVERYBODY, MAKERS } from '../session/types';
import type { KeepReportRequest } from './types';

export const PRINT_ROUTES = {
  planPdf: get<Streamed>()('/api/joints/:joint/plan.pdf', { summary: 'The plan as a page to print', roles: EVERYBODY }),
  plansPdf: get<Streamed>()('/api/jobs/:job/plans.pdf', { summary: 'All plans of a job, a page each', roles: EVERYBODY }),
  recordPdf: get<Streamed>()('/api/joints/:joint/record.pdf', { summary: 'What was made of the joint, on paper', roles: EVERYBODY }),
  jobPdf: get<Streamed>()('/api/jobs/:job/job.pdf', {
    summary: 'The whole job on paper: its stages, then each made joint',
    roles: EVERYBODY,
  }),
  reportPdf: get<Streamed>()('/api/jobs/:job/report.pdf', {
    summary: 'The job’s report: a page for whoever pays, then its proof',
    roles: EVERYBODY,
  }),
  setReport: put<KeepReportRequest, JobLink>()('/api/jobs/:job/reports/:entry', {
    summary: 'Keep the report as it is now, by its hash, in the job’s chain',
    roles: MAKERS,
  }),
  foundPdf: get<Streamed>()('/api/jobs/:job/found.pdf', { summary: 'What was found, on a page for whoever pays', roles: EVERYBODY }),
} as const;
