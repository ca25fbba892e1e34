import { put } from '../route';
import type { Done } from '../session/types';
import type { EraseRequest } from './types';

export const LEDGER_ROUTES = {
  eraseOfJoint: put<EraseRequest, Done>()('/api/joints/:joint/erased/:entry', ['admin']),
  eraseOfJob: put<EraseRequest, Done>()('/api/jobs/:job/erased/:entry', ['admin']),
} as const;
