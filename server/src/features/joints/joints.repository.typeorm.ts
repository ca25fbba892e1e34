import { canonicalText, todaysKind, todaysValues, type EntryFact, type RecordEntry, type SealedContent } from '@kesto/core';
import { In } from 'typeorm';
import { JobJoints, JointPlans, Joints, RecordEntries } from '../../platform/db/rows';
import type { ShopTransaction } from '../../platform/db/shop';
import type { JointRepository, PlanRepository, RecordRepository } from './joints.repository';
import { chosenFillersSql, entryFactsSql, lastFlamesSql, litSinceSql, newestJobOfSql } from './joints.sql';

export const typeormJoints = ({ shopId, manager }: ShopTransaction): JointRepository => ({
  byId: (id) => manager.findOneBy(Joints, { shopId, id }),
  byTag: (tag) => manager.findOneBy(Joints, { shopId, tag }),
  lock: (id) => manager.findOne(Joints, { where: { shopId, id }, lock: { mode: 'pessimistic_write' } }),
  ofCircuits: (circuitIds) => manager.find(Joints, { where: { shopId, circuitId: In([...circuitIds]) }, order: { tag: 'DESC' } }),
  async jobOf(id) {
    const jobs = await manager.query<{ id: string }[]>(newestJobOfSql, [shopId, id]);
    return jobs[0]?.id ?? null;
  },
  async nextTag(unitTag) {
    const rows = await manager
      .createQueryBuilder(Joints, 'joint')
      .where({ shopId })
      .andWhere('joint.tag like :tag', { tag: `${unitTag}-%` })
      .getMany();
    const highest = Math.max(0, ...rows.map((row) => Number(row.tag.slice(unitTag.length + 1))).filter(Number.isFinite));
    return `${unitTag}-${String(highest + 1).padStart(2, '0')}`;
  },
  async add(jobId, joint) {
    const place = 1 + (await manager.countBy(JobJoints, { shopId, jobId }));
    await manager.insert(Joints, { ...joint, shopId });
    await manager.insert(JobJoints, { shopId, jobId, jointId: joint.id, place });
  },
});

export const typeormPlans = ({ shopId, manager }: ShopTransaction): PlanRepository => ({
  byId: (id) => manager.findOneBy(JointPlans, { shopId, id }),
  async latestOf(jointIds) {
    const rows = await manager
      .createQueryBuilder(JointPlans, 'plan')
      .distinctOn(['plan.joint_id'])
      .where({ shopId, jointId: In([...jointIds]) })
      .andWhere('plan.plan is not null')
      .orderBy('plan.jointId')
      .addOrderBy('plan.place', 'DESC')
      .getMany();
    return new Map(rows.map((row) => [row.jointId, row]));
  },
  async chosenFillers(jointIds) {
    const rows = (await manager.query(chosenFillersSql, [shopId, jointIds])) as { joint_id: string; chosen: string }[];
    return new Map(rows.map((row) => [row.joint_id, row.chosen]));
  },
  async add(plan) {
    const place = 1 + (await manager.countBy(JointPlans, { shopId, jointId: plan.jointId }));
    await manager.insert(JointPlans, { ...plan, place, shopId } as never); // cast: TypeORM's deep partial type does not take readonly arrays
  },
});

const toEntry = (row: { content: string; hash: string }): RecordEntry => ({
  content: JSON.parse(row.content) as SealedContent, // cast: written by `add` alone
  hash: row.hash,
});

export const typeormRecords = ({ shopId, manager }: ShopTransaction): RecordRepository => ({
  requestHashOf: async (entryId) => (await manager.findOneBy(RecordEntries, { shopId, id: entryId }))?.requestHash ?? null,
  async of(jointIds) {
    const rows = await manager.find(RecordEntries, { where: { shopId, jointId: In([...jointIds]) }, order: { sequence: 'ASC' } });
    const byJoint = new Map<string, RecordEntry[]>(jointIds.map((id) => [id, []]));
    for (const row of rows) byJoint.get(row.jointId)?.push(toEntry(row));
    return byJoint;
  },
  async factsOf(jointIds) {
    const rows = (await manager.query(entryFactsSql, [shopId, jointIds])) as { joint_id: string; kind: string; result: string | null }[];
    const byJoint = new Map<string, EntryFact[]>();
    for (const row of rows) {
      const fact = { kind: todaysKind(row.kind), values: todaysValues({ result: row.result }) };
      byJoint.set(row.joint_id, [...(byJoint.get(row.joint_id) ?? []), fact]);
    }
    return byJoint;
  },
  async litSince(moment) {
    const rows = (await manager.query(litSinceSql, [shopId, moment])) as { joint_id: string }[];
    return rows.map((row) => row.joint_id);
  },
  async lastFlames(jointIds) {
    const rows = (await manager.query(lastFlamesSql, [shopId, jointIds])) as { joint_id: string; day: string }[];
    return new Map(rows.map((row) => [row.joint_id, row.day]));
  },
  async add({ content, hash }, requestHash) {
    await manager.insert(RecordEntries, {
      ...{ shopId, jointId: content.joint.id, sequence: content.sequence, id: content.id },
      ...{ kind: content.kind, personId: content.person.id, content: canonicalText(content), hash, requestHash },
    });
  },
});
