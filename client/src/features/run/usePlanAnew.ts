import type { JointView } from '@kesto/contract';
import { calcErrorText, planDifferences } from '@kesto/contract/wording';
import { planJoint, type JointPlan, type PlanRequest } from '@kesto/core';
import { useMemo, useState } from 'react';
import { useVanStock } from '@/data/van/api';
import { DraftReader } from '@/forms/draftReader';
import { useUnits } from '@/session/units';
import type { RunWork } from './useRun';

interface Changed {
  readonly filler: string;
  readonly kw: number | null;
  readonly flow: string;
  readonly reason: string;
}

/** What was asked, with another rod, tip or flow. */
function requestWith(request: PlanRequest, { filler, kw, flow }: Changed, reader: DraftReader): PlanRequest {
  const flood = reader.flow('flow', flow);
  return {
    ...request,
    choose: filler,
    ...(request.torch && kw !== null ? { torch: { ...request.torch, powerKw: kw } } : {}),
    ...(request.purge && flood ? { purge: { ...request.purge, flood } } : {}),
  };
}

/** A plan made anew on the spot: what is there to choose from, what changes, and how it is kept. */
export function usePlanAnew(joint: JointView, plan: JointPlan, work: RunWork) {
  const units = useUnits();
  const { data: van } = useVanStock();
  const [changed, setChanged] = useState<Changed>({ filler: work.chosen, kw: null, flow: '', reason: '' });
  const request = joint.plan?.request ?? null;
  const found = useMemo(() => {
    if (!request) return null;
    const reader = new DraftReader(units);
    const asked = requestWith(request, changed, reader);
    return { asked, problem: reader.problems['flow'], result: planJoint(asked) };
  }, [request, changed, units]);
  const carried = (van?.fillers ?? []).filter(({ count }) => count > 0).map(({ designation }) => designation);
  const result = found?.result;
  return {
    ...{ units, changed, request, flowProblem: found?.problem },
    set: (part: Partial<Changed>) => setChanged({ ...changed, ...part }),
    fillers: [...new Set([work.chosen, ...carried])],
    tips: van && van.torch.fuel === request?.torch?.fuel ? (van.torch.tips ?? []) : [],
    differences: result?.ok ? planDifferences(plan, result.value, units) : [],
    refusal: result && !result.ok ? (result.errors[0] ? calcErrorText(result.errors[0]) : 'It cannot be planned so.') : null,
    /** True once it is safe on the device. */
    async keep(): Promise<boolean> {
      if (!found) return false;
      const { choose: _chosen, ...bare } = found.asked;
      return work.note('planned-anew', { request: bare, chosen: changed.filler, reason: changed.reason.trim() });
    },
  };
}
