import type { JointView } from '@kesto/contract';
import { useMemo } from 'react';
import { useDispatch, useSelector } from 'react-redux';
import { useVanQuery } from '@/features/jobs/api';
import { useSchools } from '@/features/shop/useSchools';
import type { RootState } from '@/state/store';
import { useUnits } from '@/state/units';
import { draftChanged, draftFromPlan, draftRedone, draftUndone, NEW_DRAFT, type Draft } from './drafts';
import { planDraft, usualPlace, type Planned } from './toRequest';

export interface Planner extends Planned {
  readonly draft: Draft;
  /** Changes made under the name of one move are undone together. */
  readonly change: (part: Partial<Draft>, move?: string) => void;
  readonly touched: boolean;
  /** Takes the kept plan up as a draft, worked out by today's engine. */
  readonly planAnew: () => void;
  /** Null where there is nothing to go back, or forward, to. */
  readonly undo: (() => void) | null;
  readonly redo: (() => void) | null;
}

const NOTHING: Planned = { request: null, plan: null, problems: {} };

/** The draft of one joint and what the engine says of it, worked out here at every change. */
export function usePlanner(joint: JointView): Planner {
  const dispatch = useDispatch();
  const units = useUnits();
  const { data: van } = useVanQuery();
  const schools = useSchools(joint.job.schools)?.here;
  const kept = useSelector((state: RootState) => state.drafts[joint.id]);
  const draft = useMemo(() => {
    if (kept) return kept.present;
    if (!joint.plan) return NEW_DRAFT;
    const { request, chosen, reason } = joint.plan;
    const usual = van ? usualPlace({ circuit: joint.circuit, van }, request.service?.side ?? NEW_DRAFT.side) : null;
    return draftFromPlan(request, chosen, reason, usual);
  }, [kept, joint.plan, joint.circuit, van]);
  const opened = joint.plan !== null && kept === undefined ? joint.plan : null;
  const planned = useMemo<Planned>(() => {
    // As long as nothing is changed the kept plan stands, whatever the engine, the van or the schools have become since.
    if (opened) return { request: opened.request, plan: opened.plan, problems: {} };
    return van && schools ? planDraft(draft, { circuit: joint.circuit, van, schools, units }) : NOTHING;
  }, [opened, draft, joint.circuit, van, schools, units]);
  const change = (part: Partial<Draft>, move?: string) => dispatch(draftChanged({ jointId: joint.id, from: draft, part, move }));
  return {
    ...planned,
    draft,
    change,
    touched: kept !== undefined,
    planAnew: () => change({}),
    undo: kept && kept.past.length > 0 ? () => void dispatch(draftUndone(joint.id)) : null,
    redo: kept && kept.future.length > 0 ? () => void dispatch(draftRedone(joint.id)) : null,
  };
}
