import { PIN_FIGURES } from './types';

/** What is wrong with a PIN. */
export type PinProblem = 'not-six' | 'easy';

const ONE_STEP: readonly number[] = [-1, 0, 1];

/** Six figures; not one figure six times, nor a run up or down: those are tried first. */
export function pinProblem(pin: string): PinProblem | null {
  if (!new RegExp(`^\\d{${PIN_FIGURES}}$`).test(pin)) return 'not-six';
  const steps = new Set([...pin].slice(1).map((figure, i) => Number(figure) - Number(pin[i])));
  return steps.size === 1 && ONE_STEP.includes([...steps][0] ?? 0) ? 'easy' : null;
}
