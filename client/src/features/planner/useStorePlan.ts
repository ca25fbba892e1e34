import type { JointView } from '@kesto/contract';
import { differingSchool, ENGINE_VERSION, type Schools } from '@kesto/core';
import { useRouter } from 'expo-router';
import { useRef, useState } from 'react';
import { useDispatch } from 'react-redux';
import { v7 as uuid } from 'uuid';
import { errorField, errorText } from '@/api/api';
import { usePutPlanMutation } from '@/features/joint/api';
import { draftStored } from './drafts';
import type { Planner } from './usePlanner';

/** Stores the plan under an id made here, so that a second try of the same plan is the same write. */
export function useStorePlan(joint: JointView, planner: Planner, schools: Schools) {
  const dispatch = useDispatch();
  const router = useRouter();
  const [put, { isLoading }] = usePutPlanMutation();
  const attempt = useRef<{ id: string; of: string } | null>(null);
  const [problem, setProblem] = useState<{ message: string; field: string | null } | null>(null);

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
    const of = JSON.stringify(body);
    if (attempt.current?.of !== of) attempt.current = { id: uuid(), of };
    const result = await put({ jointId: joint.id, planId: attempt.current.id, body });
    if (result.error) return setProblem({ message: errorText(result.error), field: errorField(result.error) });
    setProblem(null);
    dispatch(draftStored(joint.id));
    router.push(`/jobs/${joint.job.id}`);
  }

  return { save, busy: isLoading, problem };
}
