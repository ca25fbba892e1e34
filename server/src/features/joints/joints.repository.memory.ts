import { removedJoints, type JointLink } from '@kesto/core';
import { chainOf, factsOfJoint, isOfChain, jobChain, lastFlameOf } from '../../platform/memory/chains';
import { addRow, byId, markStale, sortedBy, type MemoryLink, type MemoryRows } from '../../platform/memory/rows';
import { provisional, type JointRepository, type KeptPlan, type PlanRepository, type RecordRepository } from './joints.repository';

const isRemoved = (rows: MemoryRows, id: string) =>
  rows.jobJoints.some(({ jobId, jointId }) => jointId === id && removedJoints(jobChain(rows, jobId)).has(id));

export const memoryJoints = (rows: MemoryRows): JointRepository => ({
  byId: async (id) => byId(rows.joints, id),
  byTag: async (tag) =>
    rows.joints.find((joint) => joint.tag === tag.toUpperCase()) ??
    rows.joints.findLast((joint) => joint.calledAs === provisional(tag)) ??
    null,
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
    markStale(rows, joint.id);
  },
});

export function memoryPlans(rows: MemoryRows): PlanRepository {
  const { plans } = rows;
  const latestOf = (jointIds: readonly string[]): ReadonlyMap<string, KeptPlan> =>
    new Map(plans.filter(({ jointId }) => jointIds.includes(jointId)).map((plan) => [plan.jointId, plan]));
  return {
    byId: async (id) => byId(plans, id),
    latestOf: async (jointIds) => latestOf(jointIds),
    chosenFillers: async (jointIds) => new Map([...latestOf(jointIds)].map(([id, { chosen }]) => [id, chosen])),
    async add(plan) {
      addRow(plans, plan);
      markStale(rows, plan.jointId);
    },
  };
}

export const memoryRecords = (rows: MemoryRows): RecordRepository => ({
  factsOf: async (jointIds) => new Map(jointIds.map((id) => [id, factsOfJoint(rows, id)] as const).filter(([, facts]) => facts.length > 0)),
  async brazedSince(moment) {
    const isMeant = ({ at, link }: MemoryLink) =>
      ['brazed', 'reworked'].includes(link.content.said.kind) && (moment === null || at > moment);
    const found = rows.joints.map(({ id }): [string, readonly JointLink[]] => {
      const own = rows.links.filter((row) => isOfChain('joint', id, row));
      const said = new Set(own.filter(isMeant).map(({ link }) => link.content.said.id));
      // Corrections come after what they correct: one pass finds those of corrections too.
      for (const { link } of own) if (said.has(link.content.said.corrects?.entry ?? '')) said.add(link.content.said.id);
      return [id, chainOf(rows, 'joint', id).filter(({ content }) => said.has(content.said.id)) as readonly JointLink[]]; // cast: a joint's chain
    });
    return new Map(found.filter(([, links]) => links.length > 0));
  },
  lastFlames: async (jointIds) =>
    new Map(
      jointIds.flatMap((id): (readonly [string, string])[] => {
        const last = lastFlameOf(rows, [id]);
        return last === null ? [] : [[id, last.slice(0, 10)]];
      }),
    ),
});
