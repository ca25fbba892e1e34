import type { ExportedRecord, JointLink } from '@kesto/core';
import { get, put, type Streamed } from '../route';
import { EVERYBODY, MAKERS } from '../session/types';
import type { JointView, PutEntryRequest, PutPlanRequest, StoredPlan } from './types';

export const JOINT_ROUTES = {
  getJoint: get<JointView>()('/api/joints/:joint', EVERYBODY),
  findJoint: get<JointView>()('/api/find/:tag', EVERYBODY),
  putPlan: put<PutPlanRequest, StoredPlan & { readonly engineDiffers: boolean }>()('/api/joints/:joint/plans/:plan', MAKERS),
  putEntry: put<PutEntryRequest, JointLink>()('/api/joints/:joint/entries/:entry', MAKERS),
  exportRecord: get<Streamed<ExportedRecord>>()('/api/joints/:joint/record.json', EVERYBODY),
} as const;
