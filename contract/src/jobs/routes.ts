import { get, put, type Streamed } from '../route';
import type { JointSummary } from '../joints/types';
import { EVERYBODY, MAKERS } from '../session/types';
import type { JobView, PutJobEntryRequest, PutJobRequest, PutJointRequest, Today } from './types';

export const JOB_ROUTES = {
  today: get<Today>()('/api/today', EVERYBODY),
  getJob: get<JobView>()('/api/jobs/:job', EVERYBODY),
  putJob: put<PutJobRequest, JobView>()('/api/jobs/:job', MAKERS),
  putJoint: put<PutJointRequest, JointSummary>()('/api/jobs/:job/joints/:joint', MAKERS),
  putJobEntry: put<PutJobEntryRequest, JobView>()('/api/jobs/:job/entries/:entry', MAKERS),
  exportJob: get<Streamed<ArrayBuffer>>()('/api/jobs/:job/record.zip', EVERYBODY),
} as const;
