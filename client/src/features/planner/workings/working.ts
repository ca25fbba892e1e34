import type { JointPlan, UnitPreferences } from '@kesto/core';

export interface WorkingInput {
  readonly symbol: string;
  readonly name: string;
  readonly value: string;
  readonly source: string;
  readonly assumed?: boolean;
}

/** What stands behind one number: the sentence, the formula with the figures put in, and where each of them comes from. */
export interface Working {
  readonly title: string;
  readonly sentence: string;
  readonly formula: readonly string[];
  readonly inputs: readonly WorkingInput[];
  readonly change: string;
  /** Where the number lies inside what is allowed, in the formula's own unit. */
  readonly scale?: {
    readonly min: number;
    readonly max: number;
    readonly good: readonly [number, number];
    readonly at: number;
    readonly cold?: number;
    readonly unit: string;
  };
}

/** Fixed decimals, as a formula wants them. */
export const f = (value: number, decimals: number) => value.toFixed(decimals);
/** Typed by the person, or taken from a table and so assumed. */
export const from = (plan: Pick<JointPlan, 'joint'>, what: JointPlan['joint']['assumed'][number]) =>
  plan.joint.assumed.includes(what) ? { source: 'table', assumed: true } : { source: 'typed' };

export type Build = (plan: JointPlan, units: UnitPreferences) => Working;

export const nothingPlanned: Working = {
  title: 'Nothing to work out',
  sentence: 'There is no figure here yet.',
  formula: [],
  inputs: [],
  change: '',
};
