import { POSITIONS, withSchoolIds, type PlanRequest, type Position } from '@kesto/core';

type Near = NonNullable<PlanRequest['near']>[number];

/** Past the cup, places were counted from its mouth; they are counted from its bottom now. */
function counted(part: Near, cupDepthMm: number): Near {
  if (part.along !== 'female') return part;
  const mm = { mm: 1, m: 1000, in: 25.4, ft: 304.8 }[part.distance.unit as 'mm'] ?? 1; // cast: a length's unit
  return { ...part, distance: { value: Math.max(0, part.distance.value * mm - cupDepthMm), unit: 'mm' } };
}

/** A request of the first engine in today's words: schools by id, places past the cup from its bottom, a position that is one. */
export function todaysRequest(request: PlanRequest, cupDepthMm: number): PlanRequest {
  const { position, ...joint } = request.joint;
  const known = POSITIONS.includes(position as Position) ? { position: position as Position } : {}; // cast: any text was taken
  return {
    ...request,
    joint: { ...joint, ...known },
    ...(request.near ? { near: request.near.map((part) => counted(part, cupDepthMm)) } : {}),
    ...(request.schools ? { schools: withSchoolIds(request.schools) } : {}),
  };
}
