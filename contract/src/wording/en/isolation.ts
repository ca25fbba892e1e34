import type { CompressorKind, IsolationMethod, IsolationWhy } from '@kesto/core';
import { assertNever } from '@kesto/core';

export const ISOLATION_METHOD_WORDS: Readonly<Record<IsolationMethod, string>> = {
  'pump-down': 'pump down',
  'recover-section': 'recover one section',
  'recover-all': 'recover all',
};

export const COMPRESSOR_KIND_WORDS: Readonly<Record<CompressorKind, string>> = {
  scroll: 'scroll',
  piston: 'piston',
  rotary: 'rotary',
  screw: 'screw',
  unknown: 'not known',
};

const list = (parts: readonly string[]) => parts.join(', ');

/** Why the work is got at in this way and not in an easier one. `name` says what a part is called. */
export function isolationWhyText(why: IsolationWhy, name: (part: string) => string = (part) => part): string {
  const named = (parts: readonly string[]) => list(parts.map(name));
  switch (why.code) {
    case 'valves-shut':
      return `${named(why.parts)} shuts off every way from the discharge to the work.`;
    case 'emptied-by-compressor':
      return 'The compressor runs and draws the work empty into the condenser.';
    case 'other-position':
      return 'With the reversing valve in its other position.';
    case 'not-running':
      return 'No pump-down: no compressor of this circuit runs.';
    case 'low-side-leak':
      return 'No pump-down: the low side leaks and could draw air.';
    case 'low-side-unknown':
      return 'No pump-down: nobody looked whether the low side leaks, and air drawn in would be compressed with what burns, or comes in under zero gauge.';
    case 'would-lock-liquid':
      return `Not with these valves: liquid would be locked in at ${named(why.parts)} with no room to grow.`;
    case 'held-open':
      return `${named(why.parts)} held open until it is empty: it shuts with the thermostat and with the lock-out.`;
    case 'below-zero':
      return 'No pump-down: the low side is below zero gauge already.';
    case 'air-inside':
      return 'No pump-down: air or nitrogen is inside. Compressed with oil it has burst compressors.';
    case 'joint-open':
      return 'No pump-down: a joint is open before the compressor and air would be drawn in.';
    case 'work-stays-full':
      return `No pump-down: no valve that closes cuts the discharge off from ${named(why.parts)}.`;
    case 'fed-by-part':
      return `No pump-down: ${named(why.parts)} feeds the side that would be opened, and does not close.`;
    case 'no-way-out':
      return `No pump-down: what is in ${named(why.parts)} cannot get to the compressor.`;
    case 'charge-too-large':
      return `No pump-down: ${why.chargeKg.toFixed(1)} kg are in it, condenser and receiver take ${why.roomKg.toFixed(1)} kg at 80 %.`;
    case 'density-assumed':
      return 'How dense it is is not known here: 1 kg of liquid a litre taken.';
    case 'bounded':
      return `${named(why.parts)} shut the piece off: only that is recovered.`;
    case 'not-bounded':
      return 'No valves that are known to close tight lie on both sides of the work: all of it has to come out.';
    default:
      return assertNever(why);
  }
}
