import type { JointView } from '@kesto/contract';
import { differingSchool, ENGINE_VERSION, type Schools } from '@kesto/core';
import { useRouter } from 'expo-router';
import { useDispatch } from 'react-redux';
import { v7 as uuid } from 'uuid';
import { planWrite } from '@/data/joints/writes';
import { useWrite } from '@/outbox';
import { draftStored } from '@/draft/drafts';
import type { Planner } from './usePlanner';

/** Keeps the plan on the device under an id made here; the server works it out again when it arrives. */
export function useStorePlan(joint: JointView, planner: Planner, schools: Schools) {
  const dispatch = useDispatch();
  const router = useRouter();
  const { keep, busy, problem, setProblem } = useWrite();

  async function save() {
    const { request, plan, draft } = planner;
    const chosen = plan?.chosen;
    if (!request || !chosen) return;
    const reason = draft.reason.trim();
    const differs = differingSchool(draft.schools, schools) !== null;
    const needsReason = differs || chosen.verdict === 'avoid';
    if (needsReason && !reason) {
      const message = differs
        ? 'Write why: this joint is made otherwise than its job, or the shop, does it.'
        : 'Write why: this filler is to be avoided here.';
      return setProblem({ message, field: 'reason' });
    }
    const { choose: _choose, ...asked } = request;
    const body = {
      request: asked,
      chosen: chosen.filler.designation,
      engineVersion: ENGINE_VERSION,
      ...(needsReason ? { reason } : {}),
    };
    if (!(await keep(planWrite(joint.id, uuid(), body)))) return;
    dispatch(draftStored(joint.id));
    router.push(`/jobs/${joint.job.id}`);
  }

  return { save, busy, problem };
}
