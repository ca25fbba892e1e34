import type { EntryFact, EntryKind, JointLink } from '@kesto/core';
import { In } from 'typeorm';
import { JobJoints, JointPlans, Joints } from '../../platform/db/rows';
import type { ShopTransaction } from '../../platform/db/shop';
import { keepStale } from '../../platform/db/keepStale';
import { keepWords } from '../../platform/db/keepWords';
import { toLink, type StoredLink } from '../ledger';
import { provisional, type JointRepository, type PlanRepository, type RecordRepository } from './joints.repository';
import {
  chosenFillersSql,
  entryFactsSql,
  lastFlamesSql,
  brazedSinceSql,
  newestJobOfSql,
  nextTagSql,
  removedJointsSql,
  tagTakenSql,
} from './joints.sql';

export const typeormJoints = (transaction: ShopTransaction): JointRepository => {
  const { shopId, manager } = transaction;
  return {
    byId: (id) => manager.findOneBy(Joints, { shopId, id }),
    async byTag(tag) {
      const own = await manager.findOneBy(Joints, { shopId, tag: tag.toUpperCase() });
      return own ?? manager.findOne(Joints, { where: { shopId, calledAs: provisional(tag) }, order: { addedAt: 'DESC' } });
    },
    lock: (id) => manager.findOne(Joints, { where: { shopId, id }, lock: { mode: 'pessimistic_write' } }),
    async ofCircuits(circuitIds) {
      const removed = (await manager.query(removedJointsSql, [shopId, circuitIds])) as { id: string }[];
      const joints = await manager.find(Joints, { where: { shopId, circuitId: In([...circuitIds]) }, order: { tag: 'DESC' } });
      return joints.filter(({ id }) => !removed.some((row) => row.id === id));
    },
    async jobOf(id) {
      const jobs = await manager.query<{ id: string }[]>(newestJobOfSql, [shopId, id]);
      return jobs[0]?.id ?? null;
    },
    async nextTag(unitTag) {
      const [row] = await manager.query<{ next: number }[]>(nextTagSql, [shopId, unitTag]);
      return `${unitTag}-${String(row?.next ?? 1).padStart(2, '0')}`;
    },
    async add(jobId, joint) {
      const place = 1 + (await manager.countBy(JobJoints, { shopId, jobId }));
      await manager.insert(Joints, { ...joint, shopId });
      await manager.query(tagTakenSql, [shopId, joint.circuitId, joint.tag]);
      await keepWords(transaction).joint(joint.id, [joint.tag, joint.title, joint.calledAs ?? '']);
      await manager.insert(JobJoints, { shopId, jobId, jointId: joint.id, place });
      await keepStale(transaction, joint.id);
    },
  };
};

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
    await keepStale({ shopId, manager }, plan.jointId);
  },
});

export const typeormRecords = ({ shopId, manager }: ShopTransaction): RecordRepository => ({
  async factsOf(jointIds) {
    const rows = (await manager.query(entryFactsSql, [shopId, jointIds])) as { joint_id: string; kind: EntryKind; result: string | null }[];
    const byJoint = new Map<string, EntryFact[]>();
    for (const { joint_id, kind, result } of rows) {
      byJoint.set(joint_id, [...(byJoint.get(joint_id) ?? []), { kind, values: { result } }]);
    }
    return byJoint;
  },
  async brazedSince(moment) {
    const rows = await manager.query<(StoredLink & { jointId: string })[]>(brazedSinceSql, [shopId, moment]);
    const byJoint = new Map<string, JointLink[]>();
    // What rods melted are figures: no word beside an entry is needed for them.
    for (const row of rows) byJoint.set(row.jointId, [...(byJoint.get(row.jointId) ?? []), toLink(row, {}) as JointLink]); // cast: a joint's chain
    return byJoint;
  },
  async lastFlames(jointIds) {
    const rows = (await manager.query(lastFlamesSql, [shopId, jointIds])) as { joint_id: string; day: string }[];
    return new Map(rows.map((row) => [row.joint_id, row.day]));
  },
});
