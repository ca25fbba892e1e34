import type { JointView, VanStock } from '@kesto/contract';
import type { SchoolsHere } from '@/data/shop/useSchools';
import { differingSchool, ENGINE_VERSION } from '@kesto/core';
import { useRouter } from 'expo-router';
import { useEffect, useMemo, useRef, useState } from 'react';
import { draftFromPlan } from '@/draft/draftFromPlan';
import { jointCells } from '@/data/joints/cells';
import { useUnits } from '@/session/units';
import type { WorkingName } from '@kesto/contract/wording';
import type { Start } from './parts/starts';
import { asTheLast } from './asTheLast';
import { STEPS, type Step } from './steps';
import type { Planner } from './usePlanner';
import { useLastJoint } from './useLastJoint';
import { useStorePlan } from './useStorePlan';

interface PlannerAsked {
  readonly joint: JointView;
  readonly planner: Planner;
  readonly van: VanStock;
  readonly schools: SchoolsHere;
  /** What is as at the joint before is taken over at once. */
  readonly takesLast: boolean;
}

interface AsLast {
  readonly joint: JointView;
  readonly planner: Planner;
  readonly around: Parameters<typeof draftFromPlan>[1];
  /** What is as at the joint before is taken over at once. */
  readonly takesLast: boolean;
  readonly then: () => void;
}

/** Takes what is as at the joint before; null where there is none, or a plan is kept already. */
function useAsLast({ joint, planner, around, takesLast, then }: AsLast) {
  const last = useLastJoint(joint);
  const lastPlan = last?.plan;
  const take = () => {
    if (lastPlan) planner.change(asTheLast(planner.draft, draftFromPlan(lastPlan, around)));
    then();
  };
  const asLast = lastPlan && joint.plan === null ? { tag: last.tag, take } : null;
  const mayTake = useRef(takesLast && !planner.touched);
  useEffect(() => {
    if (!asLast || !mayTake.current) return;
    mayTake.current = false;
    asLast.take();
  });
  return asLast;
}

/** What both the wide and the phone planner show and can do. */
export function usePlannerScreen({ joint, planner, van, schools, takesLast }: PlannerAsked) {
  const router = useRouter();
  const units = useUnits();
  const [opened, setStep] = useState<Step | null>(null);
  const [why, setWhy] = useState<WorkingName | null>(null);
  const [readAt, onRead] = useState<number | null>(null);
  const store = useStorePlan(joint, planner, schools.here);
  const { plan } = planner;
  const stored = joint.plan !== null && !planner.touched;
  // Until a part is opened by hand: the plan once there is one, which may arrive after the screen.
  const step = opened ?? (stored ? 'card' : 'male');
  const around = useMemo(
    () => ({ site: joint.site, circuit: joint.circuit, van, schools: schools.here, units }),
    [joint.site, joint.circuit, van, schools.here, units],
  );
  const planAnew = () => {
    planner.planAnew();
    setStep('card');
  };
  const toCard = () => setStep('card');
  const asLast = useAsLast({ joint, planner, around, takesLast, then: toCard });
  const startFrom = (start: Start) => {
    planner.change(start.draft);
    toCard();
  };
  return {
    joint,
    around,
    startFrom,
    /** Takes what is as at the joint before, and goes to the plan; null where there is none. */
    asLast,
    /** Goes to the plan of what is drawn; null where it sits on no drawing, or cannot be planned yet. */
    asDrawn: joint.at && joint.plan === null && plan ? toCard : null,
    fresh: joint.plan === null && !planner.touched,
    planner,
    schools,
    differs: differingSchool(planner.draft.schools, schools.here),
    van,
    units,
    step,
    setStep,
    why,
    setWhy,
    plan,
    ladder: { readAt, onRead },
    planAnew,
    /** The kept plan, where another engine than today's made it. */
    older: stored && joint.plan.engineVersion !== ENGINE_VERSION ? joint.plan : null,
    storeProblem: store.problem && store.problem.field !== 'reason' ? store.problem.message : null,
    reasonProblem: store.problem?.field === 'reason' ? store.problem.message : null,
    next: () => setStep(STEPS[STEPS.indexOf(step) + 1] ?? 'card'),
    back: () => setStep(STEPS[STEPS.indexOf(step) - 1] ?? 'male'),
    openJoint: (id: string) => router.push(`/joints/${id}`),
    save: {
      label: store.busy ? 'Keeping' : stored ? 'Braze it' : 'Put in the job',
      disabled: !plan?.chosen || store.busy,
      onPress: () => (stored ? router.push(`/joints/${joint.id}/run`) : void store.save()),
    },
    sheet: {
      tag: joint.tag,
      title: joint.title,
      cells: jointCells(joint),
      round: plan ? { label: 'why', pressed: why !== null, onPress: () => setWhy(why ? null : 'gap') } : undefined,
    },
    upToJob: { label: `job ${joint.job.number}`, href: `/jobs/${joint.job.id}` as const },
  };
}

export type PlannerView = ReturnType<typeof usePlannerScreen>;
