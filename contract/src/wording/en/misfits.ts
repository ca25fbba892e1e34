import type { Misfit } from '@kesto/core';

/** What is wrong between two values of an entry, to stand behind the field's name. */
export function misfitText(misfit: Misfit): string {
  switch (misfit.why) {
    case 'under-tare':
      return `must not lie under the tare, ${misfit.tareKg} kg`;
    case 'under-before':
      return `must not lie under its weight before, ${misfit.beforeKg} kg`;
    case 'over-before':
      return `must not lie over its weight before, ${misfit.before.value} ${misfit.before.unit}`;
    case 'under-stamp':
      return `must not lie under its stamped tare, ${misfit.stamp.value} ${misfit.stamp.unit}`;
    case 'strokes-only':
      return 'may hold strokes alone: M, L, C and figures';
    case 'never-overruled':
      return 'cannot hold zero and open, or the air: those can be made true, so nobody overrules them';
    case 'of-the-torch-alone':
      return 'belong to the torch’s own list';
    case 'reason-needed':
      return 'is needed: why it is declined';
    case 'one-thing':
      return 'is one of three: a joint, a place on the drawing, or a hose';
    case 'not-of-this-bend':
      return 'is no point of what bends the job here';
    case 'reading-needed':
      return 'is read: say what the gauge shows';
    case 'of-the-joints-alone':
      return 'goes with the point “each joint proven” alone';
    case 'never-none-here':
      return 'cannot be “none here”: this one is always needed';
  }
}
