import type { PlanRequest, Position } from '@kesto/core';
import { POSITIONS, withSchoolIds } from './frozen/planner.cjs';

type Near = NonNullable<PlanRequest['near']>[number];

type Length = Near['distance'];

const MM: Readonly<Record<string, number>> = { mm: 1, m: 1000, in: 25.4, ft: 304.8 };

/** Past the cup, places were counted from its mouth; they are counted from its bottom now. */
function counted(part: Near, cupDepthMm: number): Near {
  if (part.along !== 'female') return part;
  const fromBottom = (length: Length): Length => ({ value: Math.max(0, length.value * (MM[length.unit] ?? 1) - cupDepthMm), unit: 'mm' });
  const { protection } = part;
  if (protection === undefined || typeof protection === 'string') return { ...part, distance: fromBottom(part.distance) };
  const { from, to, ...wrap } = protection;
  const edges = { ...(from ? { from: fromBottom(from) } : {}), ...(to ? { to: fromBottom(to) } : {}) };
  return { ...part, distance: fromBottom(part.distance), protection: { ...wrap, ...edges } };
}

/** A request of the first engine in today's words: schools by id, places past the cup from its bottom, a position that is one. */
export function todaysRequest(request: PlanRequest, cupDepthMm: number): PlanRequest {
  const { position, ...joint } = request.joint;
  const known = POSITIONS.includes(position ?? '') ? { position: position as Position } : {}; // cast: any text was taken
  return {
    ...request,
    joint: { ...joint, ...known },
    ...(request.near ? { near: request.near.map((part) => counted(part, cupDepthMm)) } : {}),
    ...(request.schools ? { schools: withSchoolIds(request.schools) } : {}),
  };
}
