import type { JointOnCircuit } from '../circuit/jointAt';
import type { NearKind, Side } from '../vocabulary';
import type { OutletKind } from '../purge/request';
import { metresOf, type Quantity } from '../unit/units';
import type { PlanRequest } from './request';

/** What the drawing says of a joint otherwise than its plan was kept. */
export type DrawnSince =
  | { readonly what: 'outside'; readonly keptM: number; readonly nowM: number }
  | { readonly what: 'side'; readonly kept: Side | null; readonly now: Side }
  | { readonly what: 'outlet'; readonly kept: OutletKind | null; readonly now: OutletKind }
  | { readonly what: 'near'; readonly kind: NearKind; readonly distance: Quantity };

/** Sizes are compared to 0.1 mm. */
const SAME_M = 0.0001;

/**
 * What a circuit's drawing says today otherwise than a kept plan was asked: it is offered, never taken in silence.
 *
 * @param request  as the plan was kept
 * @param place    the joint's place as it is drawn now
 * @returns        outside of the tube [m], side, outlet where they differ; parts near by that the plan does not know
 */
export function drawnSince(request: PlanRequest, place: JointOnCircuit): readonly DrawnSince[] {
  const found: DrawnSince[] = [];
  if (place.tube) {
    const [keptM, nowM] = [metresOf(request.joint.male.od), metresOf(place.tube.od)];
    if (Math.abs(keptM - nowM) > SAME_M) found.push({ what: 'outside', keptM, nowM });
  }
  const side = request.service?.side ?? null;
  if (side !== place.side) found.push({ what: 'side', kept: side, now: place.side });
  const outlet = request.purge?.outlet.kind ?? null;
  if (outlet !== place.outlet) found.push({ what: 'outlet', kept: outlet, now: place.outlet });
  const known = (request.near ?? []).map((part) => part.kind);
  for (const { kind, distance } of place.near) if (!known.includes(kind)) found.push({ what: 'near', kind, distance });
  return found;
}
