import { KEPT_STAGES } from '../../vocabulary/stage';
import {
  above,
  designation,
  list,
  listOfEach,
  number,
  object,
  optional,
  place,
  quantity,
  readings,
  text,
  truth,
  whole,
  word,
} from '../fields';
import { job } from '../row';
import {
  ACID_RESULTS,
  ALSO_OPENED,
  BEND_POINTS,
  BENDS,
  APPROVAL_WAYS,
  CHECK_RESULTS,
  COMPRESSOR_KINDS,
  FIND_METHODS,
  GATES,
  GUESSED_LINES,
  HOLD_REASONS,
  HOLD_VERDICTS,
  HOT_WORK_ANSWERS,
  CYLINDER_HOLDS,
  ISOLATION_METHODS,
  JOINING_METHODS,
  PICTURES_OF,
  REFRIGERANT_FATES,
  SIGNS,
  TORCH_POINTS,
  WATCH_MINUTES,
  WORTH_ADVICE,
  ZERO_SIDES,
} from '../words';
import { why, name, noted, kg, parts, reading, gauge, leak, seen, aYear } from './common';

const FIND = ['find'] as const;
const DECIDE = ['decide'] as const;
const SAFE = ['make-safe'] as const;

/** What is found, decided and made safe, and how a stage moves on. */
export const STAGE_KINDS = {
  began: job(KEPT_STAGES, 'claim', {}),
  done: job(KEPT_STAGES, 'claim', {}),
  skipped: job(KEPT_STAGES, 'claim', { reason: why }),
  waiting: job(KEPT_STAGES, 'claim', { what: why, forWhom: name }),
  /** Something bends the path of this job, and brings its own points; `bend-left`: it does not after all. */
  'bend-began': job(KEPT_STAGES, 'fact', { bend: word(BENDS), ...noted }),
  'bend-left': job(KEPT_STAGES, 'claim', { bend: word(BENDS), why }),
  'bend-point': job(KEPT_STAGES, 'fact', {
    ...{ bend: word(BENDS), point: word(BEND_POINTS), answer: word(HOT_WORK_ANSWERS), reads: optional(quantity) },
    ...{ result: optional(word(ACID_RESULTS)), ...noted },
  }),
  reopened: job(KEPT_STAGES, 'claim', { why }),
  /** `phoneOf`: a lead signed in for it on another person's phone, or whoever has that phone typed the lead's PIN of the day (`byPin`). Of the torch: which points it lifts; left out by pages of before, it lifts those that were open. */
  overruled: job(KEPT_STAGES, 'claim', {
    gate: word(GATES),
    points: optional(listOfEach(word(TORCH_POINTS), 1, 30)),
    reason: why,
    phoneOf: optional(name),
    byPin: optional(truth),
  }),

  complaint: job(FIND, 'fact', { text: why }),
  loss: job(FIND, 'fact', { lostKg: above(0, 10_000, 'kg'), days: above(0, 36_500, 'd'), chargeKg: optional(kg(10_000)) }),
  readings: job(FIND, 'fact', { request: readings, guessed: optional(listOfEach(word(GUESSED_LINES), 1, 2)) }),
  sign: job(FIND, 'fact', { place, sign: word(SIGNS), ...noted }),
  'checked-place': job(FIND, 'fact', {
    ...{ place, method: word(FIND_METHODS), result: word(CHECK_RESULTS) },
    gramsPerYear: optional(above(0, 10_000_000, 'g/a')),
    ...noted,
  }),
  'section-hold': {
    ...job(FIND, 'fact', {
      ...{ parts: parts(1), volume: quantity, minutes: above(0, 44_640, 'min'), start: reading, end: reading },
      gauge: object(gauge),
      temperatureUncertaintyK: number(0, 20, 'K'),
      supplyShut: optional(truth),
      /** Of what stands in the sun; the other two are then of what stands in the shade. */
      inSun: optional(object({ start: quantity, end: quantity })),
    }),
    worked: {
      verdict: word(HOLD_VERDICTS),
      ...{ leakPaM3S: leak, smallestSeenPaM3S: seen, ...aYear, reasons: optional(list(word(HOLD_REASONS), 0, 2)) },
    },
  },
  'stopped-looking': job(FIND, 'claim', { reason: why }),

  isolation: {
    ...job(DECIDE, 'claim', {
      ...{ work: list(place, 1, 1000), method: word(ISOLATION_METHODS) },
      ...{ runs: truth, lowSideLeak: optional(truth), airInside: truth, jointOpen: truth, lowSidePressure: optional(quantity) },
      compressorKind: optional(word(COMPRESSOR_KINDS)),
      ...{ chargeKg: optional(kg(10_000)), takeOutKg: optional(kg(10_000)), reason: optional(why) },
    }),
    worked: {
      ...{ advised: word(ISOLATION_METHODS), close: parts(0), closeAfter: parts(0), staysFull: parts(0), open: optional(parts(0)) },
      engineVersion: designation(20),
    },
  },
  joining: job(DECIDE, 'claim', { place, method: word(JOINING_METHODS), why }),
  'also-opened': job(DECIDE, 'claim', { what: word(ALSO_OPENED), place, choice: word(['yes', 'declined']), why: optional(why) }),
  'price-held-until': job(DECIDE, 'claim', { check: text(200) }),
  'price-check': job(DECIDE, 'fact', { of: text(200), found: why }),
  approval: job(DECIDE, 'claim', { by: name, how: word(APPROVAL_WAYS), for: why, amount: optional(text(40)) }),
  worth: {
    ...job(DECIDE, 'claim', {
      ...{ ageYears: number(0, 100, 'a'), inWarranty: truth, repair: number(0, 1e12, ''), replacement: above(0, 1e12, '') },
      ...{ decided: word(['repair', 'replace']), why: optional(why) },
    }),
    worked: { earlierFinds: whole(0, 1000, ''), advice: word(WORTH_ADVICE) },
  },
  'refrigerant-fate': job(DECIDE, 'claim', { fate: word(REFRIGERANT_FATES), why }),

  'locked-off': job(SAFE, 'fact', { keyHolder: name, dead: optional(truth) }),
  'before-picture': job(SAFE, 'fact', { of: word(PICTURES_OF), ...noted }),
  recovered: job(SAFE, 'fact', {
    /** Its stamp, then the scale before and after; without a weight before it was empty. */
    ...{
      tareKg: kg(1000),
      beforeKg: optional(kg(1000)),
      grossKg: kg(1000),
      minutes: number(0, 10_000, 'min'),
      waterKg: optional(above(0, 1000, 'kg')),
    },
    holds: optional(word(CYLINDER_HOLDS)),
    /** What the low side stood at when it was ended. */
    downTo: optional(quantity),
  }),
  'zero-and-open': job(SAFE, 'fact', { sides: optional(listOfEach(word(ZERO_SIDES), 1, 3)), ...noted }),
  /** What keeps the side that stays full from the flame, and its gauge read again. */
  'held-back': job(SAFE, 'fact', { what: why, capped: truth, reads: quantity, steady: truth }),
  'hot-work': job(SAFE, 'fact', {
    ...{ point: word(TORCH_POINTS), answer: word(HOT_WORK_ANSWERS), ...noted },
    oxygenPercent: optional(number(0, 100, '%')),
    co2Percent: optional(number(0, 100, '%')),
    ammoniaPpm: optional(number(0, 1_000_000, 'ppm')),
    /** Of sprinklers and detectors: put out of service by who may, until it is put back. */
    outOfService: optional(truth),
  }),
  'back-in-service': job(SAFE, 'fact', { point: word(TORCH_POINTS), by: name }),
  told: job(SAFE, 'fact', { who: why }),
  covered: job(SAFE, 'fact', { what: why }),
  'cooling-arranged': job(SAFE, 'fact', { how: why }),
  'watch-began': job(SAFE, 'fact', { minutes: number(WATCH_MINUTES.least, WATCH_MINUTES.most, 'min'), by: name }),
  /** Somebody else stays for the rest of it. */
  'watch-handed': job(SAFE, 'fact', { to: name }),
  'watch-ended': job(SAFE, 'fact', { reason: optional(why) }),
  /** A lead looked into a watch that nobody but the device saw last. */
  'watch-looked-into': { ...job(SAFE, 'claim', { found: why }), by: 'leads' },
} as const;
