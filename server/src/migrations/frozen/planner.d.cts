import type { JointPlan, PlanRequest, Result, Schools } from '@kesto/core';

/** As the planner stood at engine 2.2.0; its answers have the shapes of that day. */
export function planJoint(request: PlanRequest): Result<JointPlan>;
export const POSITIONS: readonly string[];
export function withSchoolIds(stored: Readonly<Record<string, string>>): Schools;
