import type { JointView } from '@kesto/contract';
import { canonicalHash, drawnSince, withVan, type DrawnSince } from '@kesto/core';
import { useMemo } from 'react';
import { useDispatch, useSelector } from 'react-redux';
import { useVanStock } from '@/data/van/api';
import { useSchools } from '@/data/shop/useSchools';
import type { RootState } from '@/store/store';
import { useUnits } from '@/session/units';
import { draftFromPlan } from '@/draft/draftFromPlan';
import { draftOnCircuit, withDrawing } from '@/draft/draftOnCircuit';
import { asksSwept, draftChanged, draftRedone, draftUndone, NEW_DRAFT, type Draft } from '@/draft/drafts';
import { planDraft, type Planned } from '@/draft/toRequest';
import { usePlaceOnCircuit } from './usePlaceOnCircuit';

export interface Planner extends Planned {
  readonly draft: Draft;
  /** Changes made under the name of one move are undone together. */
  readonly change: (part: Partial<Draft>, move?: string) => void;
  readonly touched: boolean;
  /** Nobody measured what is swept: it is asked, and assumed until it is answered. */
  readonly asksSwept: boolean;
  /** The drawing has lines that are swept. */
  readonly isDrawn: boolean;
  /** Takes the kept plan up as a draft, worked out by today's engine. */
  readonly planAnew: () => void;
  /** Puts today's van in the place of the one it was planned from; null where that is the same. */
  readonly takeVan: (() => void) | null;
  /** What the drawing says otherwise than the kept plan, and the way to take it; null where it says the same, or the joint sits on none. */
  readonly drawing: { readonly rows: readonly DrawnSince[]; readonly take: () => void } | null;
  /** Null where there is nothing to go back, or forward, to. */
  readonly undo: (() => void) | null;
  readonly redo: (() => void) | null;
}

const NOTHING: Planned = { request: null, plan: null, problems: {} };

/** The draft of one joint and what the engine says of it, worked out here at every change. */
export function usePlanner(joint: JointView): Planner {
  const dispatch = useDispatch();
  const units = useUnits();
  const { data: van } = useVanStock();
  const schools = useSchools(joint.job.schools)?.here;
  const kept = useSelector((state: RootState) => state.drafts[joint.id]);
  const place = usePlaceOnCircuit(joint);
  const around = useMemo(() => {
    const circuit = place && place.sections.length > 0 ? { ...joint.circuit, purgeSections: place.sections } : joint.circuit;
    return van && schools ? { site: joint.site, circuit, van, schools, units, sweptAssumed: place?.sweptAssumed ?? false } : null;
  }, [joint.site, joint.circuit, place, van, schools, units]);
  const draft = useMemo(() => {
    if (kept) return kept.present;
    if (joint.plan && around) return draftFromPlan(joint.plan, around);
    return place ? draftOnCircuit(place, van?.wraps) : NEW_DRAFT;
  }, [kept, joint.plan, around, place, van]);
  const opened = joint.plan !== null && kept === undefined ? joint.plan : null;
  const planned = useMemo<Planned>(() => {
    // As long as nothing is changed the kept plan stands, whatever the engine, the van or the schools have become since.
    if (opened) return { request: opened.request, plan: opened.plan, problems: {} };
    return around ? planDraft(draft, around) : NOTHING;
  }, [opened, draft, around]);
  const change = (part: Partial<Draft>, move?: string) => dispatch(draftChanged({ jointId: joint.id, from: draft, part, move }));
  const vanDiffers = useMemo(() => {
    if (!draft.kept || !van) return null;
    const request = withVan(draft.kept.request, van);
    return canonicalHash(request) === canonicalHash(draft.kept.request) ? null : { ...draft.kept, request };
  }, [draft.kept, van]);
  const rows = useMemo(() => (opened && place && place.drawnAt > opened.at ? drawnSince(opened.request, place) : []), [opened, place]);
  return {
    ...planned,
    draft,
    drawing: rows.length > 0 && place ? { rows, take: () => change(withDrawing(draft, place)) } : null,
    change,
    asksSwept: around !== null && asksSwept(around),
    isDrawn: (place?.sections.length ?? 0) > 0,
    touched: kept !== undefined,
    planAnew: () => change({}),
    takeVan: vanDiffers ? () => change({ kept: vanDiffers }) : null,
    undo: kept && kept.past.length > 0 ? () => void dispatch(draftUndone(joint.id)) : null,
    redo: kept && kept.future.length > 0 ? () => void dispatch(draftRedone(joint.id)) : null,
  };
}
