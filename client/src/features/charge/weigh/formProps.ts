import type { ChargeWeighWork } from './useChargeWeigh';

/** What a form over a charge that is weighed in needs. */
export interface FormProps {
  readonly weigh: ChargeWeighWork;
  readonly onKept: () => void;
}

/** A form that weighs. */
export interface WeighProps extends FormProps {
  /** With what was kept all of it is in. */
  readonly onWhole: () => void;
}
