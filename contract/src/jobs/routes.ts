import { get, put, type Streamed } from '../route';
import type { JointSummary } from '../joints/types';
import { EVERYBODY, MAKERS } from '../session/types';
import type { JobView, PutJobEntryRequest, PutJobRequest, PutJointRequest, Today } from './types';

export const JOB_ROUTES = {
  today: get<Today>()('/api/today', { summary: 'What waits', roles: EVERYBODY }),
  getJob: get<JobView>()('/api/jobs/:job', { summary: 'One job with its joints', roles: EVERYBODY }),
  putJob: put<PutJobRequest, JobView>()('/api/jobs/:job', { summary: 'Open a job', roles: MAKERS }),
  putJoint: put<PutJointRequest, JointSummary>()('/api/jobs/:job/joints/:joint', { summary: 'Add a joint to a job', roles: MAKERS }),
  putJobEntry: put<PutJobEntryRequest, JobView>()('/api/jobs/:job/entries/:entry', {
    summary: 'Note something of a job: its own schools with the reason, or a sum from the bench',
    roles: MAKERS,
  }),
  exportJob: get<Streamed<ArrayBuffer>>()('/api/jobs/:job/record.zip', {
    summary: 'A job with its chain, its joints’ records, drawings and photos as a file',
    roles: EVERYBODY,
  }),
} as const;
