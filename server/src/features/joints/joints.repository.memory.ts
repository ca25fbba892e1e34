import { factsOfJoint, flamesOf, lastFlameOf } from '../../platform/memory/chains';
import { addRow, byId, sortedBy, type MemoryRows } from '../../platform/memory/rows';
import type { JointRepository, KeptPlan, PlanRepository, RecordRepository } from './joints.repository';

export const memoryJoints = ({ joints, jobJoints, jobs }: MemoryRows): JointRepository => ({
  byId: async (id) => byId(joints, id),
  byTag: async (tag) => joints.find((joint) => joint.tag === tag) ?? null,
  lock: async (id) => byId(joints, id),
  ofCircuits: async (circuitIds) =>
    sortedBy(
      joints.filter(({ circuitId }) => circuitIds.includes(circuitId)),
      ({ tag }) => tag,
    ).toReversed(),
  async jobOf(id) {
    const own = jobJoints.filter(({ jointId }) => jointId === id).map(({ jobId }) => byId(jobs, jobId));
    return sortedBy(own, (job) => -(job?.number ?? 0))[0]?.id ?? null;
  },
  async nextTag(unitTag) {
    const own = joints.filter(({ tag }) => tag.startsWith(`${unitTag}-`));
    const highest = Math.max(0, ...own.map(({ tag }) => Number(tag.slice(unitTag.length + 1))).filter(Number.isFinite));
    return `${unitTag}-${String(highest + 1).padStart(2, '0')}`;
  },
  async add(jobId, joint) {
    addRow(joints, joint);
    jobJoints.push({ jobId, jointId: joint.id });
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
