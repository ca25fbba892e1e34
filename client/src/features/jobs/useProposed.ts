import type { JobView } from '@kesto/contract';
import { lastOf, leaksOf, proposedJoints, type ProposedJoint } from '@kesto/core';
import { useRouter } from 'expo-router';
import { v7 as uuid } from 'uuid';
import { useCircuitDrawing } from '@/data/circuits/api';
import { jointTitle } from '@/data/circuits/jointTitle';
import { factsOfJob } from '@/data/stages/pendingStages';
import { useWrite } from '@/outbox';
import { useUnits } from '@/session/units';
import { useProvisionalTag } from '@/data/jobs/provisionalTag';
import { jointWrite } from '@/data/jobs/writes';

export interface Proposed {
  readonly title: string;
  /** Adds it to the job and opens its planner. */
  readonly plan: () => void;
  /** The same, as the joint that was planned last in this job; null where none was. */
  readonly planAsLast: { readonly tag: string; readonly plan: () => void } | null;
}

/** Joints that what is opened asks for, each one tap from its planner: by the way that was kept, else by the leaks that were found. */
export function useProposed(job: JobView): {
  readonly joints: readonly Proposed[];
  readonly busy: boolean;
  readonly problem: string | null;
} {
  const router = useRouter();
  const units = useUnits();
  const { data } = useCircuitDrawing(job.circuitId);
  const { keep, busy, problem } = useWrite();
  const calledAs = useProvisionalTag();
  const graph = data?.drawing?.circuit;
  const facts = factsOfJob(job.stages);
  const work = lastOf(facts, 'isolation')?.values.work ?? leaksOf(facts).map((leak) => leak.place);
  const have = job.order.flatMap(({ at }) => (at ? [at] : []));
  const last = job.order.findLast(({ state }) => state !== 'not-planned');
  async function plan({ end: _end, ...at }: ProposedJoint, title: string, asLast: boolean) {
    const id = uuid();
    if (await keep(jointWrite(job.id, id, { title, at, ...calledAs(job) })))
      router.push(asLast ? { pathname: `/joints/${id}`, params: { as: 'last' } } : `/joints/${id}`);
  }
  const joints = graph
    ? proposedJoints(graph, work, have).map((joint) => {
        const title = jointTitle(graph, joint, units);
        const planAsLast = last ? { tag: last.tag, plan: () => void plan(joint, title, true) } : null;
        return { title, plan: () => void plan(joint, title, false), planAsLast };
      })
    : [];
  return { joints, busy, problem: problem?.message ?? null };
}
