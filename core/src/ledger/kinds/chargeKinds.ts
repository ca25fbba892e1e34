import { above, designation, line, list, listOfEach, number, object, optional, quantity, readings, truth, word } from '../fields';
import { job } from '../row';
import { BEFORE_START, HEAT_SIDES, LEAK_LAWS, LEAK_USES } from '../words';
import { kg, noted, why } from './common';

const CHARGE = ['charge'] as const;
const lines = object({
  ...{ length: quantity, included: quantity, ratePerMetre: optional(quantity), ratePerFoot: optional(quantity) },
  ...{ shorterLessens: optional(truth), oilPerMetre: optional(quantity) },
});

/** A charge: what is wanted, cylinders on the scale, the first start, readings that have settled, trimming. */
export const CHARGE_KINDS = {
  'charge-began': {
    ...job(CHARGE, 'claim', {
      ...{ dataPlate: quantity, lines: optional(lines), maxCharge: optional(quantity), tolerance: optional(quantity) },
      /** Nobody knows what belongs in it: charged by lines and coils, or by readings, and said to be unknown. */
      ...{ isUnknown: optional(truth), hosesKg: optional(kg(20)), place: optional(word(LEAK_LAWS)), gwp: optional(number(0, 30_000, '')) },
      use: optional(word(LEAK_USES)),
    }),
    worked: { targetKg: kg(100_000), isCritical: truth },
  },
  /** A cylinder is known by its name; weighed again under the same name it is the same cylinder, later. */
  'cylinder-weighed': job(CHARGE, 'fact', {
    ...{ name: line(40), before: quantity, after: quantity, stampedTare: optional(quantity), refrigerant: designation(20) },
    /** What came out of this unit goes back, and why it may. */
    putBack: optional(why),
  }),
  'before-start': job(CHARGE, 'fact', {
    seen: listOfEach(word(BEFORE_START), 1, 20),
    notHere: listOfEach(word(BEFORE_START), 0, 20),
    ...noted,
  }),
  charged: {
    ...job(CHARGE, 'claim', {}),
    worked: { targetKg: kg(100_000), doneKg: number(-1000, 100_000, 'kg'), isCharged: truth },
  },
  /** Added, or taken out again below zero. */
  trimmed: job(CHARGE, 'fact', { by: quantity, takenOut: optional(truth), why }),
  'settled-readings': job(CHARGE, 'fact', {
    ...{ request: readings, steadyMinutes: above(0, 10_000, 'min'), doorsShut: truth, airSeen: optional(truth) },
  }),
  /** Heat by the water or the air that carries it: the flow as typed, or by the maker's table and the drop that was read. */
  'heat-check': {
    ...job(CHARGE, 'claim', {
      ...{ side: word(HEAT_SIDES), flow: optional(quantity), drop: optional(quantity) },
      table: optional(list(object({ drop: quantity, flow: quantity }), 2, 12)),
      ...{ in: quantity, out: quantity, wetIn: optional(quantity), wetOut: optional(quantity) },
      ...{ glycolPercent: optional(number(0, 50, '%')), ...noted },
    }),
    worked: { heatW: number(-1e8, 1e8, 'W'), flowM3PerS: number(0, 50, 'm3/s') },
  },
} as const;
