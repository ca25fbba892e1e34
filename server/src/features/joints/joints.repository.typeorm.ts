import { canonicalText, todaysKind, todaysValues, type EntryFact, type RecordEntry, type SealedContent } from '@kesto/core';
import type { StoredPlan } from '@kesto/contract';
import { In } from 'typeorm';
import {
  JobJoints,
  Jobs,
  JointPlans,
  Joints,
  People,
  RecordEntries,
  type JointPlanRow,
  type JointRow,
  type RecordEntryRow,
} from '../../platform/db/rows';
import type { ShopWork } from '../../platform/db/shop';
import { entryFactsSql, plannedJointsSql } from './joints.sql';

export const jointById = ({ shopId, manager }: ShopWork, id: string): Promise<JointRow | null> =>
  manager.findOneBy(Joints, { shop_id: shopId, id });

export const jointByTag = ({ shopId, manager }: ShopWork, tag: string): Promise<JointRow | null> =>
  manager.findOneBy(Joints, { shop_id: shopId, tag });

/** Holds the joint's row until the transaction ends, so that its chain grows one link at a time. */
export async function lockJoint({ shopId, manager }: ShopWork, id: string): Promise<JointRow | null> {
  return manager.findOne(Joints, { where: { shop_id: shopId, id }, lock: { mode: 'pessimistic_write' } });
}

export async function jobOfJoint({ shopId, manager }: ShopWork, jointId: string): Promise<string | null> {
  const links = await manager.findBy(JobJoints, { shop_id: shopId, joint_id: jointId });
  const jobs = await manager.find(Jobs, { where: { shop_id: shopId, id: In(links.map((l) => l.job_id)) }, order: { number: 'DESC' } });
  return jobs[0]?.id ?? null;
}

export const planById = ({ shopId, manager }: ShopWork, id: string): Promise<JointPlanRow | null> =>
  manager.findOneBy(JointPlans, { shop_id: shopId, id });

/** The newest plan of each joint; what it replaced is not loaded. */
export async function latestPlans({ shopId, manager }: ShopWork, jointIds: readonly string[]): Promise<Map<string, JointPlanRow>> {
  const rows = await manager
    .createQueryBuilder(JointPlans, 'plan')
    .distinctOn(['plan.joint_id'])
    .where({ shop_id: shopId, joint_id: In([...jointIds]) })
    .andWhere('plan.plan is not null')
    .orderBy('plan.joint_id')
    .addOrderBy('plan.place', 'DESC')
    .getMany();
  return new Map(rows.map((row) => [row.joint_id, row]));
}

/** Which of these joints have a plan. */
export async function plannedAmong({ shopId, manager }: ShopWork, jointIds: readonly string[]): Promise<ReadonlySet<string>> {
  const rows = (await manager.query(plannedJointsSql, [shopId, jointIds])) as { joint_id: string }[];
  return new Set(rows.map((row) => row.joint_id));
}

/** What moves each joint from state to state, without the rest of its entries. */
export async function entryFactsOf({ shopId, manager }: ShopWork, jointIds: readonly string[]): Promise<Map<string, EntryFact[]>> {
  const rows = (await manager.query(entryFactsSql, [shopId, jointIds])) as { joint_id: string; kind: string; result: string | null }[];
  const byJoint = new Map<string, EntryFact[]>();
  for (const { joint_id, kind, result } of rows) {
    const facts = byJoint.get(joint_id) ?? [];
    byJoint.set(joint_id, [...facts, { kind: todaysKind(kind), values: todaysValues({ result }) }]);
  }
  return byJoint;
}

export async function addPlan({ shopId, manager }: ShopWork, plan: Omit<JointPlanRow, 'shop_id' | 'place'>): Promise<void> {
  const place = 1 + (await manager.countBy(JointPlans, { shop_id: shopId, joint_id: plan.joint_id }));
  await manager.insert(JointPlans, { ...plan, place, shop_id: shopId } as never); // cast: TypeORM's deep partial type does not take readonly arrays
}

export async function namesOf({ shopId, manager }: ShopWork, ids: readonly string[]): Promise<Map<string, string>> {
  const rows = await manager.findBy(People, { shop_id: shopId, id: In([...ids]) });
  return new Map(rows.map((row) => [row.id, row.name]));
}

export const toStoredPlan = (row: JointPlanRow, by: string): StoredPlan => ({
  id: row.id,
  request: row.request,
  chosen: row.chosen,
  reason: row.reason,
  plan: row.plan,
  answer: row.answer,
  engineVersion: row.engine_version,
  by,
  at: row.made_at.toISOString(),
});

const toEntry = (row: RecordEntryRow): RecordEntry => ({ content: JSON.parse(row.content) as SealedContent, hash: row.hash }); // cast: written by addEntry alone

export async function entriesOf({ shopId, manager }: ShopWork, jointIds: readonly string[]): Promise<Map<string, RecordEntry[]>> {
  const rows = await manager.find(RecordEntries, { where: { shop_id: shopId, joint_id: In([...jointIds]) }, order: { sequence: 'ASC' } });
  const byJoint = new Map<string, RecordEntry[]>(jointIds.map((id) => [id, []]));
  for (const row of rows) byJoint.get(row.joint_id)?.push(toEntry(row));
  return byJoint;
}

export const entryRowById = ({ shopId, manager }: ShopWork, id: string): Promise<RecordEntryRow | null> =>
  manager.findOneBy(RecordEntries, { shop_id: shopId, id });

export async function addEntry({ shopId, manager }: ShopWork, entry: RecordEntry, askedHash: string): Promise<void> {
  const { content, hash } = entry;
  await manager.insert(RecordEntries, {
    shop_id: shopId,
    joint_id: content.joint.id,
    sequence: content.sequence,
    id: content.id,
    kind: content.kind,
    person_id: content.person.id,
    content: canonicalText(content),
    hash,
    request_hash: askedHash,
  });
}
