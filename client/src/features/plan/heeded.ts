import type { Caution, JointPlan } from '@kesto/core';

/** What every flame on this circuit asks: the same for each joint of a job, so it stands together and takes no letter on the drawing. */
const isOfEveryFlame = (c: Caution) => c.stage === 'make-safe' && c.severity === 'warn';

/** Stops and warnings of this joint, in the order of their letters. */
export const flaggedOf = (plan: JointPlan): readonly Caution[] => plan.cautions.filter((c) => c.severity !== 'note' && !isOfEveryFlame(c));

export const makeSafeOf = (plan: JointPlan): readonly Caution[] => plan.cautions.filter(isOfEveryFlame);
