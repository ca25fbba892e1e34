import { LOOK_FINDING_IDS, LOOK_RESULTS } from '../record/look';
import { APPROVAL_SCOPES, ROLES } from '../vocabulary/people';
import { KEPT_STAGES, STAGES } from '../vocabulary/stage';
import {
  above,
  anew,
  designation,
  hash,
  id,
  instant,
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
  planAnswered,
  planAsked,
  quantity,
  readings,
  schoolsChosen,
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
  CAPTIVES,
  CHECK_RESULTS,
  COLD_CHECKS,
  COMPRESSOR_KINDS,
  DRY_FITS,
  FLOW_TOLD,
  FIND_METHODS,
  GATES,
  GUESSED_LINES,
  HOLD_REASONS,
  HOLD_VERDICTS,
  HELD_SIDES,
  HOT_WORK_ANSWERS,
  LIMIT_KINDS,
  CYLINDER_HOLDS,
  ISOLATION_METHODS,
  JOINING_METHODS,
  PICTURES_OF,
  REFRIGERANT_FATES,
  SIGNS,
  SOAP_RESULTS,
  TAKEN_OUT,
  TEST_GASES,
  TEST_PRACTICES,
  TORCH_POINTS,
  TORCH_STANDS,
  VENT_PLACES,
  WATCH_MINUTES,
  WORTH_ADVICE,
  ZERO_SIDES,
} from './words';
import { any, CHAINS, job, joint, shop, type Chain, type KindRow } from './row';

const WORDS = 2000;
const why = text(WORDS);
const name = line(80);
const noted = { note: optional(why) };
const kg = (most: number) => number(0, most, 'kg');
const parts = (least: number) => list(part, least, 1000);
const reading = object({ pressure: quantity, temperature: quantity });
const gauge = { resolution: quantity, drift: optional(quantity), perKelvin: optional(quantity), range: optional(quantity) };
const leak = number(-1e9, 1e9, 'Pa m3/s');
const seen = number(0, 1e9, 'Pa m3/s');
/** A leak of the test gas as grams of the refrigerant a year: standing, what could have been seen, running. */
const aYear = {
  gramsPerYear: orNothing(number(-1e15, 1e15, 'g/a')),
  gramsPerYearSeen: optional(orNothing(number(0, 1e15, 'g/a'))),
  gramsPerYearRunning: optional(orNothing(number(0, 1e15, 'g/a'))),
  wantedLeakPaM3S: optional(orNothing(seen)),
};
const kpag = number(0, 20_000, 'kPag');
const FIND = ['find'] as const;
const DECIDE = ['decide'] as const;
const SAFE = ['make-safe'] as const;
const HOLD = ['hold'] as const;

const measured = (max: number, unit: string) => orNothing(number(0, max, unit));
const made = {
  filler: designation(40),
  rodMm: number(0, 20_000, 'mm'),
  seconds: measured(3600, 's'),
  purgeLpm: measured(200, 'L/min'),
  floodSeconds: measured(36_000, 's'),
  depthMm: measured(150, 'mm'),
  protection: note(WORDS),
  note: note(WORDS),
  reason: optional(why),
};
/** What stood when a flame was lit: whether the job's torch was locked, and the approval that counted. */
const atTheFlame = {
  torch: word(TORCH_STANDS),
  approval: orNothing(object({ scope: word(APPROVAL_SCOPES), validUntil: designation(10) })),
};
const withNote = { note: note(WORDS) };
/** Outside of the tube as it is drawn: what a cold joint's limits go by. */
const odMm = optional(above(0, 300, 'mm'));
const coldChecks = listOfEach(word(COLD_CHECKS), 0, 20);
const sumLines = list(object({ label: text(80), text: text(200) }), 0, 30);
const head = object({ of: word(CHAINS), id, sequence: whole(1, 1_000_000, ''), hash });

/** Every kind of entry there is, defined once: what it says, in which chain and stage, and who may say it. Masses in kg. */
export const KINDS = {
  began: job(KEPT_STAGES, 'claim', {}),
  done: job(KEPT_STAGES, 'claim', {}),
  skipped: job(KEPT_STAGES, 'claim', { reason: why }),
  waiting: job(KEPT_STAGES, 'claim', { what: why, forWhom: name }),
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

  /** A section is filled: with what, how far, by which gauge. The hold is known by this entry's id. */
  'hold-began': {
    ...job(HOLD, 'claim', {
      ...{ parts: parts(0), at: optional(part), rig: truth, volume: quantity, pressure: quantity, gas: word(TEST_GASES) },
      gauge: object({ name: line(80), ...gauge, calibratedUntil: optional(designation(10)) }),
      ...{ temperatureUncertaintyK: number(0, 20, 'K'), ambient: quantity, hottest: optional(quantity) },
      ...{ practice: word(TEST_PRACTICES), compressorKind: optional(word(COMPRESSOR_KINDS)) },
      /** Taken off and plugged, by their parts; and that what stays behind shut parts is opened or left. */
      ...{ takenOff: optional(parts(0)), plannedMinutes: optional(above(0, 44_640, 'min')) },
    }),
    worked: {
      ...{ capKpag: kpag, cappedBy: word(LIMIT_KINDS), cappedByPart: optional(part), fullKpag: kpag },
      ...{ stepsKpag: list(kpag, 1, 40), energyKj: number(0, 1e9, 'kJ'), distanceM: orNothing(number(0, 1e4, 'm')) },
      ...{ side: word(HELD_SIDES), wantedLeakPaM3S: orNothing(seen), minutesNeeded: orNothing(number(0, 1e9, 'min')) },
    },
  },
  /** It stands at this pressure, is listened to and soaped. */
  'hold-step': job(HOLD, 'fact', { hold: id, pressure: quantity }),
  /** Cylinder shut, regulator backed off, hose shut at the unit: the hold itself begins. */
  'supply-shut': job(HOLD, 'fact', { hold: id }),
  'hold-read': job(HOLD, 'fact', {
    ...{ hold: id, pressure: quantity, temperature: quantity, inSun: optional(quantity), atmosphere: optional(quantity) },
  }),
  /** A joint, a place on the drawing or a hose, wetted at that pressure. */
  'place-soaped': job(HOLD, 'fact', {
    ...{ hold: id, joint: optional(id), tag: optional(designation(40)), place: optional(place), hose: optional(line(80)) },
    ...{ atKpag: kpag, result: word(SOAP_RESULTS), ...noted },
  }),
  'hold-ended': {
    ...job(HOLD, 'claim', { hold: id }),
    worked: {
      verdict: word(HOLD_VERDICTS),
      ...{ leakPaM3S: orNothing(leak), smallestSeenPaM3S: orNothing(seen), ...aYear, reasons: list(word(HOLD_REASONS), 0, 5) },
      ...{ minutes: number(0, 44_640, 'min'), readings: whole(0, 10_000_000, '') },
    },
  },
  /** Let down slowly, the gas led out. */
  vented: job(HOLD, 'fact', { hold: id, to: word(VENT_PLACES) }),

  /** Of the job as a whole: where it differs from the shop's schools, and a sum made on the bench. */
  schools: job([], 'claim', { schools: schoolsChosen, reason: optional(why) }),
  /** Of a stage that has no sheet of its own. */
  'stage-note': job([], 'fact', { of: word(STAGES), text: why }),
  /** What was laid out of the kit list, and what was not there: by the lines' own ids. */
  'kit-kept': job([], 'claim', { packed: list(designation(80), 0, 200), missing: list(designation(80), 0, 200) }),
  'taken-out': job([], 'fact', { what: word(TAKEN_OUT), place, answer: word(HOT_WORK_ANSWERS), ...noted }),
  'put-back': job([], 'fact', { what: word(TAKEN_OUT), place, ...noted }),
  /** In which order the joints are made; with a reason where it breaks a rule. */
  'order-kept': job([], 'claim', { order: list(id, 1, 200), reason: optional(why) }),
  sum: job([], 'fact', { calculator: designation(40), given: sumLines, answers: sumLines, note: optional(why) }),
  'joint-added': job([], 'claim', { joint: id, tag: designation(40) }),
  /** No flame touched it, and it does not belong to the job after all. */
  'joint-removed': job([], 'claim', { joint: id, why }),
  /** The job is on another circuit of the machine, before anything was noted on the first one's drawing. */
  'circuit-changed': job([], 'claim', { from: id, to: id }),
  /** A note from before there were chains, as it stood: its values as JSON. */
  'carried-over': {
    ...job([], 'fact', { kind: word(['schools', 'sum']), writer: id, madeAt: instant, values: text(100_000) }),
    by: 'kesto',
  },
  /** What was given away: where every chain of the job stood. */
  exported: { ...job([], 'fact', { heads: list(head, 0, 1000) }), by: 'anybody' },

  /** The plan as it stood when the first entry came; what it says is the engine's own. */
  planned: {
    ...joint('claim', {
      ...{ plan: id, job: orNothing(id), tag: designation(40), request: planAsked, chosen: designation(40), reason: optional(why) },
      ...{ plannedBy: id, plannedAt: instant },
    }),
    by: 'kesto',
    worked: { plan: planAnswered },
  },
  /** On the spot, before the torch: another rod, tip or flow than the plan the record began with. */
  'planned-anew': {
    ...joint('claim', { request: planAsked, chosen: designation(40), reason: optional(why) }),
    worked: { plan: planAnswered },
  },
  prepared: joint('fact', withNote),
  purged: joint('fact', withNote),
  /** What is on the tube before the joint closes it, and what there is none of here. */
  'threaded-on': joint('fact', { on: listOfEach(word(CAPTIVES), 0, 10), none: listOfEach(word(CAPTIVES), 0, 10) }),
  /** Each a tap at the torch, by the wall clock. */
  'dry-fit': joint('fact', { gap: word(DRY_FITS), depthMm: optional(number(0, 150, 'mm')) }),
  wrapped: joint('fact', { protection: note(WORDS) }),
  'outlet-open': joint('fact', { felt: truth }),
  'flooding-began': joint('fact', { lpm: optional(number(0, 200, 'L/min')) }),
  /** At the way out, by an instrument that shows steps of that size. */
  'oxygen-read': joint('fact', { percent: number(0, 25, '%'), stepPercent: above(0, 5, '%'), instrument: optional(name) }),
  'trickle-set': joint('fact', { lpm: optional(number(0, 200, 'L/min')), reason: optional(why) }),
  /** `second`: who stands by, where nobody makes a joint alone. */
  lit: { ...joint('fact', { filler: designation(40), second: optional(name) }), worked: atTheFlame },
  flowed: joint('fact', { seconds: number(0, 3600, 's'), how: word(FLOW_TOLD) }),
  'flame-off': joint('fact', {}),
  'nitrogen-off': joint('fact', withNote),
  /** Somebody else goes on with a joint that was begun. */
  'took-over': joint('fact', {}),
  /** Made without a flame: with what, what was looked to, and what shows that it holds. */
  pressed: joint('fact', { jaw: line(80), mark: truth, witness: truth, checks: coldChecks, ...withNote }),
  flared: joint('fact', {
    ...{ torqueNm: above(0, 300, 'N m'), sizeMm: optional(above(0, 60, 'mm')), oiled: truth, odMm, checks: coldChecks },
    ...withNote,
  }),
  bent: joint('fact', { odMm, radiusMm: above(0, 1000, 'mm'), ovalPercent: number(0, 50, '%'), checks: coldChecks, ...withNote }),
  brazed: { ...joint('fact', made), worked: atTheFlame },
  cooled: joint('fact', withNote),
  'looked-at': joint('fact', { result: word(LOOK_RESULTS), findings: listOfEach(word(LOOK_FINDING_IDS), 0, 100), ...withNote }),
  reworked: { ...joint('fact', made), worked: atTheFlame },
  soaped: joint('fact', withNote),
  /** Kesto's own, of every joint in a section that was held: what the hold showed, and from which one. */
  held: {
    ...joint('fact', {
      ...{ hold: id, job: id, verdict: word(HOLD_VERDICTS), pressureKpag: kpag, minutes: number(0, 44_640, 'min') },
      ...{ leakPaM3S: orNothing(leak), smallestSeenPaM3S: orNothing(seen) },
    }),
    former: [withNote],
    by: 'kesto',
  },
  accepted: { ...joint('claim', withNote), by: 'leads' },
  'sent-back': { ...joint('claim', { why }), by: 'leads' },
  'cut-out': joint('fact', withNote),

  /** `invitedBy`: of somebody who came in by a code, whoever made it. */
  role: shop({ person: id, role: word(ROLES), invitedBy: optional(id) }),
  left: shop({ person: id }),
  'came-back': shop({ person: id }),
  approvals: shop({
    person: id,
    approvals: list(object({ scope: word(APPROVAL_SCOPES), number: note(40), validUntil: designation(10) }), 0, 20),
  }),

  /** Says anew what the entry it names can say. */
  corrected: any('claim', { values: anew }),
  /** The entry it names does not count: it is of another place, or was never so. */
  'struck-out': any('claim', {}),
  /** Words that are no longer kept; their commitment stands where it stood. */
  erased: { ...any('claim', { what: list(hash, 1, 100), why }), by: 'admins' },
  /** What Kesto makes of an entry again after another changed what it was made from. */
  'worked-out': { ...job([], 'fact', { of: id, values: anew }), by: 'kesto' },
} as const satisfies Readonly<Record<string, KindRow>>;

export type Kinds = typeof KINDS;
export type KindId = keyof Kinds;
export type KindOf<C extends Chain> = { [K in KindId]: C extends Kinds[K]['chains'][number] ? K : never }[KindId];
/** Kinds that are kept in a stage. */
export type StagedKind = { [K in KindId]: Kinds[K]['stages'][number] extends never ? never : K }[KindId];
/** What a person tells. */
export type Told<K extends KindId> = ValuesOf<Kinds[K]['told']>;
/** Kinds of which something is worked out. */
export type WorkedKind = { [K in KindId]: Kinds[K]['worked'] extends null ? never : K }[KindId];
/** What is worked out of it. */
export type Worked<K extends KindId> = Kinds[K]['worked'] extends infer F extends Fields ? ValuesOf<F> : object;

/** Every kind there is. */
export const kindIds = (): readonly KindId[] => Object.keys(KINDS) as readonly KindId[]; // cast: the table's own keys

/** Kinds that stand in a chain, in the order of the table. */
export const kindsOf = <C extends Chain>(chain: C): readonly KindOf<C>[] =>
  kindIds().filter((kind): kind is KindOf<C> => (KINDS[kind].chains as readonly Chain[]).includes(chain)); // cast: a row names some of them

/** Kinds that are kept in a stage. */
export const stagedKinds = (): readonly StagedKind[] => kindIds().filter((kind): kind is StagedKind => KINDS[kind].stages.length > 0);

/** Of what a kind tells today: which shape it is, counted from 1. */
export const shapeOf = (kind: KindId): number => KINDS[kind].former.length + 1;

/** Whether something is worked out of a kind. */
export const isWorked = (kind: KindId): kind is WorkedKind => KINDS[kind].worked !== null;

/** What a person told of values that may hold what was worked out as well. */
export function toldOf<K extends KindId>(kind: K, values: Readonly<Record<string, unknown>>): Told<K> {
  const keys = Object.keys(KINDS[kind].told);
  return Object.fromEntries(Object.entries(values).filter(([key]) => keys.includes(key))) as Told<K>; // cast: values fit the kind's fields
}
