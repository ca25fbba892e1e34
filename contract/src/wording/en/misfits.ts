import type { Misfit } from '@kesto/core';

/** What is wrong between two values of an entry, to stand behind the field's name. */
export function misfitText(misfit: Misfit): string {
  switch (misfit.why) {
    case 'under-tare':
      return `must not lie under the tare, ${misfit.tareKg} kg`;
    case 'reason-needed':
      return 'is needed: why it is declined';
    case 'never-none-here':
      return 'cannot be “none here”: this one is always needed';
  }
}
