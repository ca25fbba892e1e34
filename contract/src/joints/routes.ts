import type { ExportedRecord, JointLink } from '@kesto/core';
import { get, put, type Streamed } from '../route';
import { EVERYBODY, MAKERS } from '../session/types';
import type { JointView, PutEntryRequest, PutPlanRequest, StoredPlan } from './types';

export const JOINT_ROUTES = {
  getJoint: get<JointView>()('/api/joints/:joint', { summary: 'One joint with its plan and record', roles: EVERYBODY }),
  findJoint: get<JointView>()('/api/find/:tag', { summary: 'A joint by its tag', roles: EVERYBODY }),
  putPlan: put<PutPlanRequest, StoredPlan & { readonly engineDiffers: boolean }>()('/api/joints/:joint/plans/:plan', {
    summary: 'Store a plan',
    roles: MAKERS,
  }),
  putEntry: put<PutEntryRequest, JointLink>()('/api/joints/:joint/entries/:entry', {
    summary: 'Add an entry to the record',
    roles: MAKERS,
  }),
  exportRecord: get<Streamed<ExportedRecord>>()('/api/joints/:joint/record.json', { summary: 'The record as a file', roles: EVERYBODY }),
} as const;
