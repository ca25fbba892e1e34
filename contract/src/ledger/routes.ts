import { put } from '../route';
import type { Done } from '../session/types';
import type { EraseRequest } from './types';

export const LEDGER_ROUTES = {
  eraseOfJoint: put<EraseRequest, Done>()('/api/joints/:joint/erased/:entry', {
    summary: 'Take words of an entry of a joint’s record away for good',
    roles: ['admin'],
  }),
  eraseOfJob: put<EraseRequest, Done>()('/api/jobs/:job/erased/:entry', {
    summary: 'Take words of an entry of a job’s record away for good',
    roles: ['admin'],
  }),
} as const;
