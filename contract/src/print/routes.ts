import { get, type Streamed } from '../route';
import { EVERYBODY } from '../session/types';

export const PRINT_ROUTES = {
  planPdf: get<Streamed>()('/api/joints/:joint/plan.pdf', { summary: 'The plan as a page to print', roles: EVERYBODY }),
  plansPdf: get<Streamed>()('/api/jobs/:job/plans.pdf', { summary: 'All plans of a job, a page each', roles: EVERYBODY }),
} as const;
