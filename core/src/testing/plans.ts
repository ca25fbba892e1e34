import { FILLERS } from '../filler/fillers';
import type { MetalName } from '../metal/metals';
import { planJoint, type JointPlan } from '../plan/planJoint';
import type { FemaleRequest, MaleRequest, PlanRequest } from '../plan/request';
import type { Quantity } from '../unit/units';

export const q = (value: number, unit: string): Quantity => ({ value, unit });

/** A 7/8 in copper tube in a drawn cup of the other metal, hot side figures given so that nothing is assumed. */
export const sevenEighths = {
  male: { metal: 'copper', od: q(0.875, 'in'), wall: q(0.045, 'in') } satisfies MaleRequest,
  female: { metal: 'copper', bore: q(0.879, 'in'), cupDepth: q(0.75, 'in'), wall: q(0.045, 'in') } satisfies FemaleRequest,
};

export function requestFor(female: Partial<FemaleRequest>, rest: Partial<PlanRequest> = {}, male: Partial<MaleRequest> = {}): PlanRequest {
  return {
    joint: { male: { ...sevenEighths.male, ...male }, female: { ...sevenEighths.female, ...female } },
    service: { maxTemp: q(150, 'F') },
    ...rest,
  };
}

export function planned(request: PlanRequest): JointPlan {
  const result = planJoint(request);
  if (!result.ok) throw new Error(JSON.stringify(result.errors));
  return result.value;
}

export function refusals(request: PlanRequest): readonly { field: string; kind: string }[] {
  const result = planJoint(request);
  return result.ok ? [] : result.errors.map(({ field, kind }) => ({ field, kind }));
}

/** Verdict of each filler of the whole table on a pairing. */
export function verdicts(male: MetalName, female: MetalName, rest: Partial<PlanRequest> = {}): Readonly<Record<string, string>> {
  const plan = planned(requestFor({ metal: female }, rest, { metal: male }));
  return Object.fromEntries(plan.fillers.map((f) => [f.filler.designation, f.verdict]));
}

export const PHOSPHORUS = FILLERS.filter((f) => f.family === 'copper-phosphorus').map((f) => f.designation);
export const CADMIUM = FILLERS.filter((f) => f.holdsCadmium).map((f) => f.designation);

export const codes = (plan: JointPlan) => plan.cautions.map((c) => c.code);
export const stops = (plan: JointPlan) => plan.cautions.filter((c) => c.severity === 'stop').map((c) => c.code);
