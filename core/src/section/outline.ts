import type { Form } from '../vocabulary/joint';
import type { MetalName } from '../metal/metals';
import type { JointPlan } from '../plan/planJoint';

import { filletLegM } from '../rod/amount';

/** A joint in section, in millimetres: x = 0 at the cup's mouth, the male part coming from the left, y = 0 on the axis. */
export interface SectionJoint {
  /** `inserted`: how deep it went, where that was measured; else to the cup's bottom. */
  readonly male: { readonly metal: MetalName; readonly od: number; readonly wall: number; readonly inserted?: number };
  readonly female: {
    readonly metal: MetalName;
    readonly form: Form;
    readonly bore: number;
    readonly depth: number;
    readonly wall: number;
    readonly bodyAt?: number;
  };
}

export interface View {
  readonly left: number;
  readonly right: number;
  readonly half: number;
}

/** How much of the parts is shown: in proportion to the tube, so that a capillary and a header both fill the frame. */
export function viewOf(joint: SectionJoint): View {
  const { od } = joint.male;
  const { form, depth } = joint.female;
  const outer = outerHalf(joint);
  // A coupling ends with its other cup; everything else runs on.
  const beyond = form === 'fitting-cup' ? Math.max(depth + 0.7 * od, 1.4 * od) : Math.max(3 * od, 20);
  return {
    left: -Math.max(2.6 * od, 18),
    right: Math.max(depth + beyond, bodyMiddle(joint) + 1.5 * od),
    half: outer * 1.06,
  };
}

/** Middle of a component's body, from the cup's mouth: where it is known to be, else in proportion to the tube. */
export const bodyMiddle = ({ male, female }: SectionJoint) =>
  Math.max(female.bodyAt ?? 0, female.form === 'component-stub' && !isSteel(female.metal) ? female.depth + 1.62 * male.od : 0);

function outerHalf(joint: SectionJoint): number {
  const cup = joint.female.bore / 2 + joint.female.wall;
  if (joint.female.form === 'component-stub') return cup + joint.male.od * (isSteel(joint.female.metal) ? 0.85 : 0.95);
  if (joint.female.form === 'saddle') return cup + joint.male.od * 0.9;
  return cup + joint.male.od * 0.22;
}

export const isSteel = (metal: MetalName) => metal.includes('steel') || metal === 'nickel-alloy';

export type Point = readonly [x: number, y: number];

/** Upper half of the female part as a closed outline; the lower half is its mirror image. */
export function femaleOutline(joint: SectionJoint, view: View): readonly Point[] {
  const { bore, depth, wall, form, metal } = joint.female;
  const R = bore / 2;
  const inner = Math.max(0.4, joint.male.od / 2 - joint.male.wall);
  const D = joint.male.od;
  const end = view.right;
  const outer = R + wall;
  switch (form) {
    case 'swaged-socket':
    case 'tube': {
      const taper = depth + 0.45 * D;
      return [[0, R], [depth, R], [taper, inner], [end, inner], [end, inner + wall], [taper, inner + wall], [depth, outer], [0, outer]]; // prettier-ignore
    }
    case 'component-stub':
      return isSteel(metal)
        ? drierOutline({ R, outer, inner, depth, D, end })
        : valveOutline({ R, outer, inner, depth, D, end, middle: bodyMiddle(joint) });
    case 'saddle': {
      const run = depth + 0.3 * D;
      return [[0, R], [depth, R], [depth, inner], [run, inner + 0.1 * D], [run + wall, inner + 0.8 * D], [run + wall, outer + 0.85 * D], [run, outer + 0.85 * D], [run - 0.15 * D, outer + 0.1 * D], [depth * 0.7, outer], [0, outer]]; // prettier-ignore
    }
    case 'reducer': {
      const big = outer + 0.18 * D;
      return [[0, R], [depth, R], [depth, inner], [depth + 0.25 * D, inner], [depth + 0.25 * D, big], [end, big], [end, big + wall], [0.35 * depth, big + wall], [0.35 * depth, outer], [0, outer]]; // prettier-ignore
    }
    default: {
      const stop = depth + Math.max(1.2, 0.12 * D);
      const second = stop + depth;
      return [[0, R], [depth, R], [depth, inner + 0.2 * wall], [stop, inner + 0.2 * wall], [stop, R], [Math.min(second, end), R], [Math.min(second, end), outer], [0, outer]]; // prettier-ignore
    }
  }
}

interface Stub {
  readonly R: number;
  readonly outer: number;
  readonly inner: number;
  readonly depth: number;
  readonly D: number;
  readonly end: number;
}

function valveOutline({ R, outer, inner, depth, D, end, middle }: Stub & { readonly middle: number }): readonly Point[] {
  const from = middle - 0.675 * D;
  const body = outer + 0.36 * D;
  const to = from + 1.35 * D;
  return [[0, R], [depth, R], [depth, inner], [end, inner], [end, inner + (outer - R)], [to + 0.25 * D, inner + (outer - R)], [to, body], [from, body], [from - 0.4 * D, outer], [0, outer]]; // prettier-ignore
}

function drierOutline({ R, outer, inner, depth, D, end }: Stub): readonly Point[] {
  const wall = outer - R;
  const shell = outer + 0.72 * D;
  const from = depth + 0.2 * D;
  return [[0, R], [depth, R], [depth, inner], [from, inner], [from + 0.5 * D, shell - wall], [end, shell - wall], [end, shell], [from + 0.45 * D, shell], [from, outer], [0, outer]]; // prettier-ignore
}

export function maleOutline(joint: SectionJoint, view: View): readonly Point[] {
  const R = joint.male.od / 2;
  const inner = Math.max(0.2, R - joint.male.wall);
  const to = Math.min(joint.male.inserted ?? Infinity, joint.female.depth);
  return [[view.left, inner], [to, inner], [to, R], [view.left, R]]; // prettier-ignore
}

/** Concave ring fillet at the cup's mouth, upper half. */
export function filletPath(joint: SectionJoint, at: (p: Point) => Point): string {
  const z = filletLegM(joint.male.wall / 1000) * 1000;
  const R = joint.male.od / 2;
  const [foot, corner, top] = [at([-z, R]), at([0, R]), at([0, R + z])];
  const bow = at([-z * 0.22, R + z * 0.22]);
  return `M${foot[0]} ${foot[1]} Q${bow[0]} ${bow[1]} ${top[0]} ${top[1]} L${corner[0]} ${corner[1]} Z`;
}

/** What of a plan is drawn: both members in millimetres, and where the body behind the stub stands if that was said. */
export function sectionOf(plan: Pick<JointPlan, 'joint' | 'protection'>): SectionJoint {
  const { male, female } = plan.joint;
  const body = plan.protection.find((p) => p.part.along === 'female' && p.part.kind.includes('valve'));
  return {
    male: { metal: male.metal, od: male.outsideM * 1000, wall: male.wallM * 1000 },
    female: {
      metal: female.metal,
      form: female.form,
      bore: female.boreM * 1000,
      depth: female.cupDepthM * 1000,
      wall: female.wallM * 1000,
      ...(body ? { bodyAt: body.part.distanceM * 1000 } : {}),
    },
  };
}
