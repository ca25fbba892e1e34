import type { CircuitGraph, JointPlace, JointPlan, PlanRequest, Schools, UnitPreferences } from '@kesto/core';
import type { Approval, CircuitView, PlanAnswer, PutJobEntryRequest, Role, Stage, UnitDetails, UnitKind, VanStock } from '@kesto/contract';

export interface ShopRow {
  shop_id: string;
  name: string;
  van: VanStock;
  schools: Schools;
}
export interface PersonRow {
  shop_id: string;
  id: string;
  login: string;
  name: string;
  role: Role;
  password_hash: string;
  units: UnitPreferences;
  approvals: Approval[];
  confirmed_at: Date | null;
  left_at: Date | null;
}
export interface SessionRow {
  shop_id: string;
  token_hash: string;
  id: string;
  person_id: string;
  expires_at: Date;
  began_at: Date;
  device: string;
}
export interface InviteRow {
  shop_id: string;
  id: string;
  code_hash: string;
  name: string;
  role: Role;
  /** Whose password is made anew; null for somebody who is to come. */
  person_id: string | null;
  expires_at: Date;
  used_at: Date | null;
}
export interface SiteRow {
  shop_id: string;
  id: string;
  name: string;
  altitude_m: number;
}
export interface UnitRow {
  shop_id: string;
  id: string;
  site_id: string;
  tag: string;
  name: string;
  kind: UnitKind;
  place: number;
  details: UnitDetails;
}
export interface CircuitRow {
  shop_id: string;
  id: string;
  unit_id: string;
  details: Omit<CircuitView, 'id'>;
}
export interface DrawingRow {
  shop_id: string;
  id: string;
  circuit_id: string;
  person_id: string;
  graph: CircuitGraph;
  made_at: Date;
  place: number;
  request_hash: string;
}
export interface JointRow {
  shop_id: string;
  id: string;
  circuit_id: string;
  at: JointPlace | null;
  tag: string;
  title: string;
  request_hash: string;
}
export interface JobRow {
  shop_id: string;
  id: string;
  circuit_id: string;
  number: number;
  title: string;
  stage: Stage;
  began: Stage;
  done: boolean;
  request_hash: string;
}
export interface JobJointRow {
  shop_id: string;
  job_id: string;
  joint_id: string;
  place: number;
}
export interface JointPlanRow {
  shop_id: string;
  id: string;
  joint_id: string;
  person_id: string;
  request: PlanRequest;
  plan: JointPlan;
  answer: PlanAnswer;
  chosen: string;
  reason: string | null;
  engine_version: string;
  made_at: Date;
  place: number;
  request_hash: string;
}
export type JobEntryRow = {
  shop_id: string;
  id: string;
  job_id: string;
  person_id: string;
  made_at: Date;
  place: number;
  request_hash: string;
} & PutJobEntryRequest;
export interface StageEntryRow {
  shop_id: string;
  job_id: string;
  sequence: number;
  id: string;
  stage: string;
  kind: string;
  person_id: string;
  content: string;
  hash: string;
  request_hash: string;
}
export interface RecordEntryRow {
  shop_id: string;
  joint_id: string;
  sequence: number;
  id: string;
  kind: string;
  person_id: string;
  /** Canonical JSON of the content, to the letter that was hashed. */
  content: string;
  hash: string;
  request_hash: string;
}
export interface PhotoRow {
  shop_id: string;
  sha256: string;
  media_type: string;
  bytes: Buffer;
}
