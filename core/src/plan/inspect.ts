import type { ResolvedJoint } from '../joint/resolvedJoint';
import type { FillerVerdict } from '../filler/rules';
import type { FluxChoice } from '../flux/choose';
import { holdsIronOrNickel } from '../metal/metals';
import type { NearPart } from '../protection/nearPart';

export type InspectCode =
  | 'fillet-all-round'
  | 'no-crack-or-pinhole'
  | 'insertion-mark'
  | 'flux-washed'
  | 'interface-on-steel'
  | 'bore-clear'
  | 'not-overheated'
  | 'loose-gap-fill'
  | 'refit-removed';

export interface InspectionPoint {
  readonly code: InspectCode;
  readonly values?: Readonly<Record<string, number | string>>;
}

/** What the eye has to find on this joint, in the order it is looked at; nothing where it is not brazed. */
export function inspectionPoints(c: {
  joint: ResolvedJoint;
  chosen: FillerVerdict | null;
  flux: FluxChoice | null;
  loose: boolean;
  near: readonly NearPart[];
}): readonly InspectionPoint[] {
  if (c.chosen === null) return [];
  const points: InspectionPoint[] = [];
  const metals = [c.joint.male.metal, c.joint.female.metal];
  if (c.flux?.required) points.push({ code: 'flux-washed' });
  points.push({ code: 'fillet-all-round' }, { code: 'no-crack-or-pinhole' });
  points.push({ code: 'insertion-mark', values: { depthM: c.joint.female.cupDepthM, withinMm: c.joint.male.outsideM > 0.0286 ? 2 : 1 } });
  if (metals.some((m) => holdsIronOrNickel(m))) points.push({ code: 'interface-on-steel' });
  if (metals.some((m) => m === 'brass' || m === 'bronze' || m === 'aluminium')) points.push({ code: 'not-overheated' });
  if (c.loose) points.push({ code: 'loose-gap-fill' });
  if (c.joint.male.outsideM <= 0.0033 || c.joint.male.form === 'reducer') points.push({ code: 'bore-clear' });
  if (c.near.some((n) => n.protection.kind === 'removed' || n.kind === 'core')) points.push({ code: 'refit-removed' });
  return points;
}
