import type { StoredPlan } from '@kesto/contract';
import type { KeptPlan } from './joints.repository';

/** A kept plan as everybody sees it, with who made it. */
export const toStoredPlan = ({ id, request, chosen, reason, plan, answer, engineVersion, madeAt }: KeptPlan, by: string): StoredPlan => ({
  ...{ id, request, chosen, reason, plan, answer, engineVersion, by },
  at: madeAt.toISOString(),
});
