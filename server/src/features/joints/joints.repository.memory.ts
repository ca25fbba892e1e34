import { removedJoints } from '@kesto/core';
import { factsOfJoint, flamesOf, jobChain, lastFlameOf } from '../../platform/memory/chains';
import { addRow, byId, sortedBy, type MemoryRows } from '../../platform/memory/rows';
import type { JointRepository, KeptPlan, PlanRepository, RecordRepository } from './joints.repository';

const isRemoved = (rows: MemoryRows, id: string) =>
  rows.jobJoints.some(({ jobId, jointId }) => jointId === id && removedJoints(jobChain(rows, jobId)).has(id));

export const memoryJoints = (rows: MemoryRows): JointRepository => ({
  byId: async (id) => byId(rows.joints, id),
  byTag: async (tag) => rows.joints.find((joint) => joint.tag === tag) ?? null,
  lock: async (id) => byId(rows.joints, id),
  ofCircuits: async (circuitIds) =>
    sortedBy(
      rows.joints.filter(({ id, circuitId }) => circuitIds.includes(circuitId) && !isRemoved(rows, id)),
      ({ tag }) => tag,
    ).toReversed(),
  async jobOf(id) {
    const own = rows.jobJoints.filter(({ jointId }) => jointId === id).map(({ jobId }) => byId(rows.jobs, jobId));
    return sortedBy(own, (job) => -(job?.number ?? 0))[0]?.id ?? null;
  },
  async nextTag(unitTag) {
    const own = rows.joints.filter(({ tag }) => tag.startsWith(`${unitTag}-`));
    const highest = Math.max(0, ...own.map(({ tag }) => Number(tag.slice(unitTag.length + 1))).filter(Number.isFinite));
    return `${unitTag}-${String(highest + 1).padStart(2, '0')}`;
  },
  async add(jobId, joint) {
    addRow(rows.joints, joint);
    rows.jobJoints.push({ jobId, jointId: joint.id });
  },
});

export function memoryPlans({ plans }: MemoryRows): PlanRepository {
  const latestOf = (jointIds: readonly string[]): ReadonlyMap<string, KeptPlan> =>
    new Map(plans.filter(({ jointId }) => jointIds.includes(jointId)).map((plan) => [plan.jointId, plan]));
  return {
    byId: async (id) => byId(plans, id),
    latestOf: async (jointIds) => latestOf(jointIds),
    chosenFillers: async (jointIds) => new Map([...latestOf(jointIds)].map(([id, { chosen }]) => [id, chosen])),
    add: async (plan) => addRow(plans, plan),
  };
}

export const memoryRecords = (rows: MemoryRows): RecordRepository => ({
  factsOf: async (jointIds) => new Map(jointIds.map((id) => [id, factsOfJoint(rows, id)] as const).filter(([, facts]) => facts.length > 0)),
  litSince: async (moment) =>
    rows.joints.filter(({ id }) => flamesOf(rows, id).some(({ at }) => moment === null || at > moment)).map(({ id }) => id),
  lastFlames: async (jointIds) =>
    new Map(
      jointIds.flatMap((id): (readonly [string, string])[] => {
        const last = lastFlameOf(rows, [id]);
        return last === null ? [] : [[id, last.slice(0, 10)]];
      }),
    ),
});
