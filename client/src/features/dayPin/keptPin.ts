import type { DayPin } from '@kesto/contract';
import { keepChoice } from '@/state/keptChoice';
import type { WrappedKey } from './pinKey';

/** The PIN of the day as this phone keeps it. */
export interface KeptPin extends DayPin {
  /** Whose phone it is: nobody else who signs in here has it. */
  readonly person: string;
  readonly wrapped: WrappedKey;
  /** Wrong ones that may still be typed. */
  readonly tries: number;
}

const KEY = 'kesto.dayPin';
export const PIN_TRIES = 5;

function kept(): KeptPin | null {
  try {
    const found = JSON.parse(globalThis.localStorage?.getItem(KEY) ?? 'null') as unknown;
    const isOne = typeof found === 'object' && found !== null && 'wrapped' in found && 'until' in found && 'lead' in found;
    return isOne ? (found as KeptPin) : null; // cast: `keepPin` alone writes it
  } catch {
    return null;
  }
}

export const keepPin = (pin: KeptPin): void => keepChoice(KEY, JSON.stringify(pin));
export const dropPin = (): void => keepChoice(KEY, 'null');

/** The PIN that is good now on this phone of this person. After midnight nothing of it stays here. */
export function pinOfToday(person: string | undefined, now: Date): KeptPin | null {
  const pin = kept();
  if (!pin) return null;
  if (new Date(pin.until) <= now) dropPin();
  return new Date(pin.until) > now && pin.person === person ? pin : null;
}
