import { misfitText } from '@kesto/contract/wording';
import { tellsWell, type Quantity } from '@kesto/core';
import type { ChargeWeighWork } from './useChargeWeigh';

type Weight = {
  readonly name: string;
  readonly before: Quantity;
  readonly after: Quantity;
  readonly stampedTare?: Quantity;
  readonly putBack?: string;
};

interface Then {
  readonly complain: (why: string) => void;
  readonly onKept: () => void;
  readonly onWhole: () => void;
}

/**
 * Keeps a cylinder's weight, and that all of it is in where this makes it whole.
 *
 * @returns true once it is safe on the device; a weight that cannot be is complained of and not kept
 */
export async function keepWeight(weigh: ChargeWeighWork, told: Weight, { complain, onKept, onWhole }: Then): Promise<boolean> {
  const misfit = tellsWell('cylinder-weighed', told);
  if (misfit) {
    complain(misfitText(misfit));
    return false;
  }
  const whole = weigh.wholeWith({ ...told, stampedTare: told.stampedTare ?? null });
  if (!(await weigh.weigh(told))) return false;
  if (whole !== null && (await weigh.keepCharged(whole))) onWhole();
  else onKept();
  return true;
}
