import { LOOK_FINDING_IDS, LOOK_RESULTS } from '../record/look';
import { KEPT_STAGES, type KeptStage } from '../vocabulary/stage';
import {
  above,
  line,
  list,
  listOfEach,
  note,
  number,
  object,
  optional,
  orNothing,
  part,
  place,
  quantity,
  readings,
  text,
  truth,
  whole,
  word,
  type Fields,
  type ValuesOf,
} from './fields';
import {
  ALSO_OPENED,
  APPROVAL_WAYS,
  CHECK_RESULTS,
  FIND_METHODS,
  GATES,
  HOLD_VERDICTS,
  HOT_WORK_ANSWERS,
  ISOLATION_METHODS,
  JOINING_METHODS,
  PICTURES_OF,
  REFRIGERANT_FATES,
  SIGNS,
  TORCH_POINTS,
  WATCH_MINUTES,
  WORTH_ADVICE,
} from './words';

export type Chain = 'joint' | 'job';
/** Who may write it: whoever works, those who answer for the shop, or Kesto itself. */
export type Writers = 'workers' | 'leads' | 'kesto';

export interface KindRow {
  readonly chain: Chain;
  /** Of a job's chain: in which stages it is kept. */
  readonly stages: readonly KeptStage[];
  /** `fact`: it happened, and is never refused for its place in the order. `claim`: it says how things stand or what was chosen. */
  readonly nature: 'fact' | 'claim';
  readonly by: Writers;
  readonly told: Fields;
  /** What is worked out from what was told and from what is held; null: nothing. */
  readonly worked: Fields | null;
}

const job = <const S extends readonly KeptStage[], const N extends 'fact' | 'claim', const F extends Fields>(
  stages: S,
  nature: N,
  told: F,
) => ({ chain: 'job', stages, nature, by: 'workers', told, worked: null }) as const;
const joint = <const N extends 'fact' | 'claim', const F extends Fields>(nature: N, told: F) =>
  ({ chain: 'joint', stages: [], nature, by: 'workers', told, worked: null }) as const;

const WORDS = 2000;
const why = text(WORDS);
const name = line(80);
const noted = { note: optional(why) };
const kg = (most: number) => number(0, most, 'kg');
const parts = (least: number) => list(part, least, 1000);
const reading = object({ pressure: quantity, temperature: quantity });
const FIND = ['find'] as const;
const DECIDE = ['decide'] as const;
const SAFE = ['make-safe'] as const;

const measured = (max: number, unit: string) => orNothing(number(0, max, unit));
const made = {
  filler: text(40),
  rodMm: number(0, 20_000, 'mm'),
  seconds: measured(3600, 's'),
  purgeLpm: measured(200, 'L/min'),
  floodSeconds: measured(36_000, 's'),
  depthMm: measured(150, 'mm'),
  protection: note(WORDS),
  note: note(WORDS),
  reason: optional(why),
};
const withNote = { note: note(WORDS) };

/** Every kind of entry there is, defined once: what it says, in which chain and stage, and who may say it. Masses in kg. */
export const KINDS = {
  began: job(KEPT_STAGES, 'claim', {}),
  done: job(KEPT_STAGES, 'claim', {}),
  skipped: job(KEPT_STAGES, 'claim', { reason: why }),
  waiting: job(KEPT_STAGES, 'claim', { what: why, forWhom: name }),
  reopened: job(KEPT_STAGES, 'claim', { why }),
  overruled: job(KEPT_STAGES, 'claim', { gate: word(GATES), reason: why }),

  complaint: job(FIND, 'fact', { text: why }),
  loss: job(FIND, 'fact', { lostKg: above(0, 10_000, 'kg'), days: above(0, 36_500, 'd'), chargeKg: optional(kg(10_000)) }),
  readings: job(FIND, 'fact', { request: readings }),
  sign: job(FIND, 'fact', { place, sign: word(SIGNS), ...noted }),
  'checked-place': job(FIND, 'fact', {
    ...{ place, method: word(FIND_METHODS), result: word(CHECK_RESULTS) },
    gramsPerYear: optional(above(0, 10_000_000, 'g/a')),
    ...noted,
  }),
  'section-hold': {
    ...job(FIND, 'fact', {
      ...{ parts: parts(1), volume: quantity, minutes: above(0, 44_640, 'min'), start: reading, end: reading },
      gauge: object({ resolution: quantity, drift: optional(quantity) }),
      temperatureUncertaintyK: number(0, 20, 'K'),
    }),
    worked: {
      verdict: word(HOLD_VERDICTS),
      leakPaM3S: number(-1e9, 1e9, 'Pa m3/s'),
      smallestSeenPaM3S: number(0, 1e9, 'Pa m3/s'),
      gramsPerYear: orNothing(number(-1e15, 1e15, 'g/a')),
    },
  },
  'stopped-looking': job(FIND, 'claim', { reason: why }),

  isolation: {
    ...job(DECIDE, 'claim', {
      ...{ work: parts(1), method: word(ISOLATION_METHODS) },
      ...{ runs: truth, lowSideLeak: truth, airInside: truth, jointOpen: truth, lowSidePressure: optional(quantity) },
      ...{ chargeKg: optional(kg(10_000)), takeOutKg: optional(kg(10_000)), reason: optional(why) },
    }),
    worked: {
      ...{ advised: word(ISOLATION_METHODS), close: parts(0), closeAfter: parts(0), staysFull: parts(0) },
      engineVersion: text(20),
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

  'locked-off': job(SAFE, 'fact', { keyHolder: name }),
  'before-picture': job(SAFE, 'fact', { of: word(PICTURES_OF), ...noted }),
  recovered: job(SAFE, 'fact', {
    ...{ tareKg: kg(1000), grossKg: kg(1000), minutes: number(0, 10_000, 'min'), waterKg: optional(above(0, 1000, 'kg')) },
    /** What the low side stood at when it was ended. */
    downTo: optional(quantity),
  }),
  'zero-and-open': job(SAFE, 'fact', noted),
  'hot-work': job(SAFE, 'fact', {
    ...{ point: word(TORCH_POINTS), answer: word(HOT_WORK_ANSWERS), ...noted },
    oxygenPercent: optional(number(0, 100, '%')),
  }),
  told: job(SAFE, 'fact', { who: why }),
  covered: job(SAFE, 'fact', { what: why }),
  'cooling-arranged': job(SAFE, 'fact', { how: why }),
  'watch-began': job(SAFE, 'fact', { minutes: number(WATCH_MINUTES.least, WATCH_MINUTES.most, 'min'), by: name }),
  'watch-ended': job(SAFE, 'fact', { reason: optional(why) }),

  /** The plan as it stood when the first entry came; what it says is the engine's own. */
  planned: { ...joint('claim', {}), by: 'kesto' },
  prepared: joint('fact', withNote),
  purged: joint('fact', withNote),
  brazed: joint('fact', made),
  cooled: joint('fact', withNote),
  'looked-at': joint('fact', { result: word(LOOK_RESULTS), findings: listOfEach(word(LOOK_FINDING_IDS), 0, 100), ...withNote }),
  reworked: joint('fact', made),
  soaped: joint('fact', withNote),
  held: joint('fact', withNote),
  accepted: { ...joint('claim', withNote), by: 'leads' },
  'sent-back': { ...joint('claim', { why }), by: 'leads' },
  'cut-out': joint('fact', withNote),
  /** Says anew what the entry it names can say. */
  corrected: joint('claim', {}),
} as const satisfies Readonly<Record<string, KindRow>>;

export type Kinds = typeof KINDS;
export type KindId = keyof Kinds;
export type KindOf<C extends Chain> = { [K in KindId]: Kinds[K]['chain'] extends C ? K : never }[KindId];
/** What a person tells. */
export type Told<K extends KindId> = ValuesOf<Kinds[K]['told']>;
/** Kinds of which something is worked out. */
export type WorkedKind = { [K in KindId]: Kinds[K]['worked'] extends null ? never : K }[KindId];
/** What is worked out of it. */
export type Worked<K extends KindId> = Kinds[K]['worked'] extends infer F extends Fields ? ValuesOf<F> : object;

/** Kinds that stand in a chain, in the order of the table. */
export const kindsOf = <C extends Chain>(chain: C): readonly KindOf<C>[] =>
  (Object.keys(KINDS) as KindId[]).filter((kind): kind is KindOf<C> => KINDS[kind].chain === chain); // cast: the table's own keys

/** Whether something is worked out of a kind. */
export const isWorked = (kind: KindId): kind is WorkedKind => KINDS[kind].worked !== null;

/** What a person told of values that may hold what was worked out as well. */
export function toldOf<K extends KindId>(kind: K, values: Readonly<Record<string, unknown>>): Told<K> {
  const keys = Object.keys(KINDS[kind].told);
  return Object.fromEntries(Object.entries(values).filter(([key]) => keys.includes(key))) as Told<K>; // cast: values fit the kind's fields
}
