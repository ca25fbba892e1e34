import { LOOK_FINDING_IDS, LOOK_RESULTS } from '../../record/look';
import { APPROVAL_SCOPES } from '../../vocabulary/people';
import {
  above,
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
  planAnswered,
  planAsked,
  truth,
  whole,
  word,
} from '../fields';
import { joint } from '../row';
import { CAPTIVES, COLD_CHECKS, DRY_FITS, FLOW_TOLD, HOLD_VERDICTS, PULL_VERDICTS, TORCH_STANDS } from '../words';
import { WORDS, why, name, leak, seen, kpag, vacuumPa, withNote } from './common';

const measured = (max: number, unit: string) => orNothing(number(0, max, unit));
const made = {
  filler: designation(40),
  /** What stands on the packet. */
  lot: optional(designation(40)),
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
/** Outside of the tube as it is drawn: what a cold joint's limits go by. */
const odMm = optional(above(0, 300, 'mm'));
const coldChecks = listOfEach(word(COLD_CHECKS), 0, 20);

/** Of one joint, and what Kesto says of it. */
export const JOINT_KINDS = {
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
  /** Another shop made this joint and gave its record away: where that chain stood, in which file that is kept here. Comes first, or not at all. */
  'goes-on-from': joint('fact', {
    ...{ file: hash, shop: orNothing(id), shopName: orNothing(designation(80)), key: orNothing(hash) },
    ...{ chain: id, tag: designation(40), sequence: whole(1, 100_000, ''), head: hash },
  }),
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
  'looked-at': joint('fact', {
    result: word(LOOK_RESULTS),
    findings: listOfEach(word(LOOK_FINDING_IDS), 0, 100),
    backSeen: optional(truth),
    /** Where on the ring, clockwise from the top as whoever looks sees it. */
    flaw: optional(object({ fromDeg: number(0, 360, '°'), toDeg: number(0, 360, '°') })),
    /** On its photos, by their place in the entry, as shares of width and height. */
    marks: optional(list(object({ photo: whole(1, 20, ''), x: number(0, 1, ''), y: number(0, 1, '') }), 0, 20)),
    ...withNote,
  }),
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
  /** Kesto's own, of every joint that the pump reached: what the rise showed, and of which pull. */
  pulled: {
    ...joint('fact', {
      ...{ pull: id, job: id, verdict: word(PULL_VERDICTS), minutes: number(0, 44_640, 'min') },
      ...{ endPa: orNothing(vacuumPa), breaks: whole(0, 1000, '') },
    }),
    by: 'kesto',
  },
  accepted: { ...joint('claim', withNote), by: 'leads' },
  'sent-back': { ...joint('claim', { why }), by: 'leads' },
  'cut-out': joint('fact', withNote),
} as const;
