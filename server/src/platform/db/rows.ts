import { EntitySchema } from 'typeorm';
import { column, id, key, nullable, shopId } from './columns';
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
  LedgerRow,
  LedgerWordsRow,
  PhotoRow,
  PhotoSentRow,
  AuditedRow,
  RefusedTryRow,
  DayPinsRow,
  PinUseRow,
} from './rowTypes';
import { IMPORT_ROWS } from './importRows';
import { SERIES_ROWS } from './seriesRows';
import { TREE_ROWS } from './treeRows';

export type * from './rowTypes';

export const Shops = new EntitySchema<ShopRow>({
  name: 'shop',
  columns: { shopId, name: column('text'), van: column('jsonb'), schools: { type: 'jsonb', default: {} } },
});
export const People = new EntitySchema<PersonRow>({
  name: 'person',
  columns: {
    shopId,
    id,
    login: column('text'),
    name: column('text'),
    role: column('text'),
    passwordHash: column('text'),
    units: column('jsonb'),
    approvals: column('jsonb'),
    confirmedAt: { type: 'timestamptz', nullable: true },
    leftAt: { type: 'timestamptz', nullable: true },
  },
});
export const Invites = new EntitySchema<InviteRow>({
  name: 'invite',
  columns: {
    shopId,
    id,
    codeHash: column('text'),
    name: column('text'),
    role: column('text'),
    personId: { type: 'uuid', nullable: true },
    madeBy: { type: 'uuid', nullable: true },
    madeAt: column('timestamptz'),
    expiresAt: column('timestamptz'),
    usedAt: { type: 'timestamptz', nullable: true },
  },
});
export const Sessions = new EntitySchema<SessionRow>({
  name: 'session',
  columns: {
    shopId,
    tokenHash: key('text'),
    id: column('uuid'),
    personId: column('uuid'),
    expiresAt: column('timestamptz'),
    beganAt: column('timestamptz'),
    device: column('text'),
  },
});
export const Sites = new EntitySchema<SiteRow>({
  name: 'site',
  columns: { shopId, id, name: column('text'), altitudeM: column('double precision') },
});
export const Units = new EntitySchema<UnitRow>({
  name: 'unit',
  columns: {
    shopId,
    id,
    siteId: column('uuid'),
    tag: column('text'),
    name: column('text'),
    kind: column('text'),
    place: column('integer'),
    details: { type: 'jsonb', default: {} },
  },
});
export const Circuits = new EntitySchema<CircuitRow>({
  name: 'circuit',
  columns: { shopId, id, unitId: column('uuid'), details: column('jsonb') },
});
export const Drawings = new EntitySchema<DrawingRow>({
  name: 'circuit_drawing',
  columns: {
    shopId,
    id,
    circuitId: column('uuid'),
    personId: column('uuid'),
    graph: column('jsonb'),
    madeAt: column('timestamptz'),
    place: column('integer'),
    requestHash: column('text'),
  },
});
export const Joints = new EntitySchema<JointRow>({
  name: 'joint',
  columns: {
    shopId,
    id,
    circuitId: column('uuid'),
    at: { type: 'jsonb', nullable: true },
    tag: column('text'),
    title: column('text'),
    calledAs: { type: 'text', nullable: true },
    requestHash: column('text'),
    addedAt: { type: 'timestamptz', insert: false, update: false, select: false },
  },
});
export const Jobs = new EntitySchema<JobRow>({
  name: 'job',
  columns: {
    shopId,
    id,
    circuitId: column('uuid'),
    number: column('integer'),
    title: column('text'),
    stage: column('text'),
    began: column('text'),
    done: column('boolean'),
    requestHash: column('text'),
  },
});
export const JobJoints = new EntitySchema<JobJointRow>({
  name: 'job_joint',
  columns: { shopId, jobId: key('uuid'), jointId: key('uuid'), place: column('integer') },
});
export const JointPlans = new EntitySchema<JointPlanRow>({
  name: 'joint_plan',
  columns: {
    shopId,
    id,
    jointId: column('uuid'),
    personId: column('uuid'),
    request: column('jsonb'),
    plan: column('jsonb'),
    answer: column('jsonb'),
    chosen: column('text'),
    reason: { type: 'text', nullable: true },
    engineVersion: column('text'),
    madeAt: column('timestamptz'),
    place: column('integer'),
    requestHash: column('text'),
  },
});

export const Ledger = new EntitySchema<LedgerRow>({
  name: 'ledger',
  columns: {
    shopId,
    chain: key('text'),
    chainId: key('uuid'),
    sequence: key('integer'),
    id: column('uuid'),
    format: column('integer'),
    kind: column('text'),
    stage: nullable('text'),
    personId: nullable('uuid'),
    about: nullable('uuid'),
    place: nullable('text'),
    result: nullable('text'),
    at: column('timestamptz'),
    content: column('text'),
    hash: column('text'),
    requestHash: column('text'),
  },
});
export const LedgerWords = new EntitySchema<LedgerWordsRow>({
  name: 'ledger_words',
  columns: {
    shopId,
    chain: key('text'),
    chainId: key('uuid'),
    commitment: key('text'),
    salt: column('text'),
    words: column('text'),
  },
});
export const Photos = new EntitySchema<PhotoRow>({
  name: 'photo',
  columns: { shopId, sha256: key('text'), mediaType: column('text'), bytes: column('bytea') },
});

/** Under which hash a device sent a photo that is stored under another. */
export const PhotosSent = new EntitySchema<PhotoSentRow>({
  name: 'photo_sent',
  columns: { shopId, sent: key('text'), sha256: column('text') },
});
export const Audit = new EntitySchema<AuditedRow>({
  name: 'audit',
  columns: {
    shopId,
    id,
    at: column('timestamptz'),
    what: column('text'),
    personId: nullable('uuid'),
    whom: nullable('uuid'),
    about: nullable('text'),
    device: nullable('text'),
  },
});
export const RefusedTries = new EntitySchema<RefusedTryRow>({
  name: 'refused_try',
  columns: {
    shopId,
    personId: key('uuid'),
    address: key('text'),
    minute: { type: 'timestamptz', primary: true },
    tries: column('integer'),
  },
});

export const DayPins = new EntitySchema<DayPinsRow>({
  name: 'day_pin',
  columns: {
    shopId,
    id,
    leadId: column('uuid'),
    phoneOf: column('uuid'),
    key: column('text'),
    madeAt: column('timestamptz'),
    until: column('timestamptz'),
  },
});
export const PinUses = new EntitySchema<PinUseRow>({
  name: 'pin_use',
  columns: {
    shopId,
    id,
    leadId: column('uuid'),
    jobId: column('uuid'),
    at: column('timestamptz'),
    seenAt: { type: 'timestamptz', nullable: true },
  },
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
  Ledger,
  LedgerWords,
  Photos,
  PhotosSent,
  Audit,
  RefusedTries,
  DayPins,
  PinUses,
  ...IMPORT_ROWS,
  ...SERIES_ROWS,
  ...TREE_ROWS,
];
