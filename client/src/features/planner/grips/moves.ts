import { MM_PER_INCH } from '@kesto/core';
import type { JointPlan, NearKind, UnitPreferences } from '@kesto/core';
import { formatLength, readingText, tradeFraction } from '@kesto/core/unit';
import { partName } from '@kesto/contract/wording';
import { alongMm, axisMm } from '@/drawing/joint/axis';
import type { Draft, NearDraft, WrapDraft } from '@/draft/drafts';

/** What can be taken hold of in the drawing. */
export type Grip =
  | { readonly kind: 'depth' }
  | { readonly kind: 'part'; readonly index: number }
  | { readonly kind: 'wrap'; readonly index: number; readonly edge: 'from' | 'to' };

export interface PlacedGrip {
  readonly grip: Grip;
  readonly key: string;
  /** On the drawing's axis: 0 at the cup's mouth, out along the tube negative. */
  readonly atMm: number;
  readonly label: string;
  readonly text: string;
}

interface MovePlan {
  readonly plan: Pick<JointPlan, 'joint' | 'protection'>;
  readonly units: UnitPreferences;
}

/** Nobody places a part to less than this with a rule in one hand. */
const STEP_MM = { metric: { place: 1, depth: 0.5 }, inch: { place: MM_PER_INCH / 16, depth: MM_PER_INCH / 32 } } as const;
const LEAST_DEPTH_MM = 2;
const LEAST_WRAP_MM = 4;
export const FURTHEST_MM = 2000;

export const stepOf = (grip: Grip, units: UnitPreferences) => STEP_MM[units.length][grip.kind === 'depth' ? 'depth' : 'place'];

export const keyOf = (grip: Grip) =>
  grip.kind === 'depth' ? 'depth' : `${grip.kind}${grip.index}${grip.kind === 'wrap' ? grip.edge : ''}`;

/** Every grip of a plan, the depth first, then each part with the edges of its wrap. */
export function gripsOf({ plan, units }: MovePlan): readonly PlacedGrip[] {
  const show = (m: number) => readingText(formatLength(m, units));
  const placed = (grip: Grip, atMm: number, label: string, alongM = Math.abs(atMm) / 1000): PlacedGrip => ({
    grip,
    key: keyOf(grip),
    atMm,
    label,
    text: show(alongM),
  });
  const depthMm = plan.joint.female.cupDepthM * 1000;
  return [
    placed({ kind: 'depth' }, depthMm, 'depth in the cup'),
    ...plan.protection.flatMap(({ part }, index) => {
      const at = (m: number) => axisMm(part.along, m, plan.joint.female);
      const { wet } = part.protection;
      return [
        placed({ kind: 'part', index }, at(part.distanceM), partName(part.kind), part.distanceM),
        ...(wet
          ? [
              placed({ kind: 'wrap', index, edge: 'from' }, at(wet.fromM), `wrap of the ${partName(part.kind)}, near edge`, wet.fromM),
              placed({ kind: 'wrap', index, edge: 'to' }, at(wet.toM), `wrap of the ${partName(part.kind)}, far edge`, wet.toM),
            ]
          : []),
      ];
    }),
  ];
}

/** A length as a person would write it: whole sixteenths as a fraction. */
export function lengthText(mm: number, units: UnitPreferences): string {
  if (units.length === 'metric') return `${Number(mm.toFixed(1))} mm`;
  return `${tradeFraction(mm / 1000) ?? (mm / MM_PER_INCH).toFixed(4)} in`;
}

const snapped = (mm: number, step: number) => Math.round(mm / step) * step;
const between = (mm: number, least: number, most: number) => Math.min(most, Math.max(least, mm));

/** What changes in the draft when a grip is put at `mm` on the drawing's axis, on the nearest step of the person's rule. */
export function movedTo(draft: Draft, grip: Grip, mm: number, { plan, units }: MovePlan): Partial<Draft> {
  const step = stepOf(grip, units);
  const at = snapped(between(mm, -FURTHEST_MM, FURTHEST_MM), step);
  if (grip.kind === 'depth') return { female: { ...draft.female, cupDepth: lengthText(Math.max(LEAST_DEPTH_MM, at), units) } };
  const near = draft.near.map((part, i) => (i === grip.index ? { ...part, ...movedNear(part, grip, at, { plan, units }) } : part));
  return { near };
}

function movedNear(part: NearDraft, grip: Exclude<Grip, { kind: 'depth' }>, mm: number, { plan, units }: MovePlan): Partial<NearDraft> {
  const wet = plan.protection[grip.index]?.part.protection.wet;
  if (grip.kind === 'wrap') {
    if (!wet) return {};
    const off = alongMm(part.along, mm, plan.joint.female);
    const edges = { from: wet.fromM * 1000, to: wet.toM * 1000 };
    const moved =
      grip.edge === 'from'
        ? { ...edges, from: between(off, 0, edges.to - LEAST_WRAP_MM) }
        : { ...edges, to: between(off, edges.from + LEAST_WRAP_MM, FURTHEST_MM) };
    return { wrap: { from: lengthText(moved.from, units), to: lengthText(moved.to, units), water: part.wrap?.water ?? '' } };
  }
  const along = mm === 0 ? part.along : mm < 0 ? 'male' : part.along === 'run' ? 'run' : 'female';
  // Past the mouth it stands on the other part: its wrap goes with it, where it usually is.
  return {
    distance: lengthText(alongMm(along, mm, plan.joint.female), units),
    along,
    ...(along === part.along ? {} : { wrap: USUAL_WRAP }),
  };
}

export const USUAL_WRAP: WrapDraft = { from: '', to: '', water: '' };

/** A part put down beside the joint, to be moved to where it is. */
export const placedNear = (kind: NearKind, units: UnitPreferences): NearDraft => ({
  kind,
  distance: units.length === 'metric' ? '60 mm' : '2-1/2 in',
  along: 'male',
  protection: 'none',
});
