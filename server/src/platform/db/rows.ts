import { EntitySchema, type EntitySchemaColumnOptions } from 'typeorm';
import type {
  ShopRow,
  PersonRow,
  SessionRow,
  InviteRow,
  SiteRow,
  UnitRow,
  CircuitRow,
  DrawingRow,
  JointRow,
  JobRow,
  JobJointRow,
  JointPlanRow,
  JobEntryRow,
  RecordEntryRow,
  StageEntryRow,
  PhotoRow,
} from './rowTypes';

export type * from './rowTypes';

const key = (type: 'uuid' | 'text' | 'integer'): EntitySchemaColumnOptions => ({ type, primary: true });
const column = (
  type: 'uuid' | 'text' | 'integer' | 'jsonb' | 'timestamptz' | 'bytea' | 'boolean' | 'double precision',
): EntitySchemaColumnOptions => ({ type });
const shop_id = key('uuid');
const id = key('uuid');

export const Shops = new EntitySchema<ShopRow>({
  name: 'shop',
  columns: { shop_id, name: column('text'), van: column('jsonb'), schools: { type: 'jsonb', default: {} } },
});
export const People = new EntitySchema<PersonRow>({
  name: 'person',
  columns: {
    shop_id,
    id,
    login: column('text'),
    name: column('text'),
    role: column('text'),
    password_hash: column('text'),
    units: column('jsonb'),
    approvals: column('jsonb'),
    confirmed_at: { type: 'timestamptz', nullable: true },
    left_at: { type: 'timestamptz', nullable: true },
  },
});
export const Invites = new EntitySchema<InviteRow>({
  name: 'invite',
  columns: {
    shop_id,
    id,
    code_hash: column('text'),
    name: column('text'),
    role: column('text'),
    person_id: { type: 'uuid', nullable: true },
    expires_at: column('timestamptz'),
    used_at: { type: 'timestamptz', nullable: true },
  },
});
export const Sessions = new EntitySchema<SessionRow>({
  name: 'session',
  columns: {
    shop_id,
    token_hash: key('text'),
    id: column('uuid'),
    person_id: column('uuid'),
    expires_at: column('timestamptz'),
    began_at: column('timestamptz'),
    device: column('text'),
  },
});
export const Sites = new EntitySchema<SiteRow>({
  name: 'site',
  columns: { shop_id, id, name: column('text'), altitude_m: column('double precision') },
});
export const Units = new EntitySchema<UnitRow>({
  name: 'unit',
  columns: {
    shop_id,
    id,
    site_id: column('uuid'),
    tag: column('text'),
    name: column('text'),
    kind: column('text'),
    place: column('integer'),
    details: { type: 'jsonb', default: {} },
  },
});
export const Circuits = new EntitySchema<CircuitRow>({
  name: 'circuit',
  columns: { shop_id, id, unit_id: column('uuid'), details: column('jsonb') },
});
export const Drawings = new EntitySchema<DrawingRow>({
  name: 'circuit_drawing',
  columns: {
    shop_id,
    id,
    circuit_id: column('uuid'),
    person_id: column('uuid'),
    graph: column('jsonb'),
    made_at: column('timestamptz'),
    place: column('integer'),
    request_hash: column('text'),
  },
});
export const Joints = new EntitySchema<JointRow>({
  name: 'joint',
  columns: {
    shop_id,
    id,
    circuit_id: column('uuid'),
    at: { type: 'jsonb', nullable: true },
    tag: column('text'),
    title: column('text'),
    request_hash: column('text'),
  },
});
export const Jobs = new EntitySchema<JobRow>({
  name: 'job',
  columns: {
    shop_id,
    id,
    circuit_id: column('uuid'),
    number: column('integer'),
    title: column('text'),
    stage: column('text'),
    began: column('text'),
    done: column('boolean'),
    request_hash: column('text'),
  },
});
export const JobJoints = new EntitySchema<JobJointRow>({
  name: 'job_joint',
  columns: { shop_id, job_id: key('uuid'), joint_id: key('uuid'), place: column('integer') },
});
export const JointPlans = new EntitySchema<JointPlanRow>({
  name: 'joint_plan',
  columns: {
    shop_id,
    id,
    joint_id: column('uuid'),
    person_id: column('uuid'),
    request: column('jsonb'),
    plan: column('jsonb'),
    answer: column('jsonb'),
    chosen: column('text'),
    reason: { type: 'text', nullable: true },
    engine_version: column('text'),
    made_at: column('timestamptz'),
    place: column('integer'),
    request_hash: column('text'),
  },
});
export const JobEntries = new EntitySchema<JobEntryRow>({
  name: 'job_entry',
  columns: {
    shop_id,
    id,
    job_id: column('uuid'),
    person_id: column('uuid'),
    kind: column('text'),
    values: column('jsonb'),
    made_at: column('timestamptz'),
    place: column('integer'),
    request_hash: column('text'),
  },
});
export const StageEntries = new EntitySchema<StageEntryRow>({
  name: 'stage_entry',
  columns: {
    shop_id,
    job_id: key('uuid'),
    sequence: key('integer'),
    id: column('uuid'),
    stage: column('text'),
    kind: column('text'),
    person_id: column('uuid'),
    content: column('text'),
    hash: column('text'),
    request_hash: column('text'),
  },
});
export const RecordEntries = new EntitySchema<RecordEntryRow>({
  name: 'record_entry',
  columns: {
    shop_id,
    joint_id: key('uuid'),
    sequence: key('integer'),
    id: column('uuid'),
    kind: column('text'),
    person_id: column('uuid'),
    content: column('text'),
    hash: column('text'),
    request_hash: column('text'),
  },
});
export const Photos = new EntitySchema<PhotoRow>({
  name: 'photo',
  columns: { shop_id, sha256: key('text'), media_type: column('text'), bytes: column('bytea') },
});

export const ROWS = [
  Shops,
  People,
  Sessions,
  Invites,
  Sites,
  Units,
  Circuits,
  Drawings,
  Joints,
  Jobs,
  JobJoints,
  JointPlans,
  JobEntries,
  StageEntries,
  RecordEntries,
  Photos,
];
