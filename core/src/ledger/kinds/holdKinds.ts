import {
  above,
  designation,
  hash,
  id,
  line,
  list,
  number,
  object,
  optional,
  orNothing,
  part,
  place,
  quantity,
  truth,
  whole,
  word,
} from '../fields';
import { job } from '../row';
import {
  COMPRESSOR_KINDS,
  HOLD_REASONS,
  HOLD_VERDICTS,
  HELD_SIDES,
  LIMIT_KINDS,
  LIVE_KINDS,
  LIVE_QUANTITIES,
  SOAP_RESULTS,
  TEST_GASES,
  TEST_PRACTICES,
  VENT_PLACES,
} from '../words';
import { noted, parts, gauge, leak, seen, aYear, kpag, seriesHead } from './common';

const HOLD = ['hold'] as const;
const liveInstrument = object({
  ...{ kind: word(LIVE_KINDS), name: line(80), calibratedUntil: optional(designation(10)), range: optional(quantity) },
  columns: list(object({ quantity: word(LIVE_QUANTITIES), step: number(1e-9, 1e6, '') }), 1, 8),
  /** Read from a logger's file: its hash, and the headings that were chosen for time, gauge and pipe. */
  log: optional(object({ sha256: hash, headings: list(line(80), 3, 3) })),
});
/** `hold`: the hold, or the pull, that it is of. */
const SPOKEN_OF = ['hold', 'pull'] as const;

/** A hold: planned, filled by steps, shut, read, soaped, ended, let down. */
export const HOLD_KINDS = {
  /** A section is filled: with what, how far, by which gauge. The hold is known by this entry's id. */
  'hold-began': {
    ...job(HOLD, 'claim', {
      ...{ parts: parts(0), at: optional(part), rig: truth, volume: quantity, pressure: quantity, gas: word(TEST_GASES) },
      gauge: object({ name: line(80), ...gauge, calibratedUntil: optional(designation(10)) }),
      ...{ temperatureUncertaintyK: number(0, 20, 'K'), ambient: quantity, hottest: optional(quantity) },
      ...{ practice: word(TEST_PRACTICES), compressorKind: optional(word(COMPRESSOR_KINDS)) },
      /** Taken off and plugged, by their parts; and that what stays behind shut parts is opened or left. */
      /** `strength`: to this first, from a distance, then let down to the hold's own pressure. */
      strength: optional(quantity),
      ...{ takenOff: optional(parts(0)), plannedMinutes: optional(above(0, 44_640, 'min')) },
    }),
    worked: {
      ...{ capKpag: kpag, cappedBy: word(LIMIT_KINDS), cappedByPart: optional(part), fullKpag: kpag },
      /** Where there is a strength test it stands last but one. */
      strengthKpag: optional(kpag),
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
  /** An instrument that was paired speaks from here on; `factor`: it is simulated, and its clock runs so many times as fast. */
  'series-began': {
    ...job(SPOKEN_OF, 'fact', {
      ...{ hold: id, series: id, instrument: liveInstrument, factor: optional(number(1, 1000, '')) },
    }),
    by: 'kesto',
  },
  /** How far a series stands: once an hour. */
  'series-stands': { ...job(SPOKEN_OF, 'fact', { hold: id, ...seriesHead }), by: 'kesto' },
  'hold-ended': {
    /** `by`: the series it is judged by, where several instruments read gauge and pipe; `byHand`: by what was noted, though an instrument spoke. */
    ...job(HOLD, 'claim', { hold: id, by: optional(id), byHand: optional(truth) }),
    worked: {
      verdict: word(HOLD_VERDICTS),
      ...{ leakPaM3S: orNothing(leak), smallestSeenPaM3S: orNothing(seen), ...aYear, reasons: list(word(HOLD_REASONS), 0, 9) },
      ...{ minutes: number(0, 44_640, 'min'), readings: whole(0, 10_000_000, '') },
      /** Heads of the series it was judged from. */
      series: optional(list(object(seriesHead), 0, 20)),
    },
  },
  /** Let down slowly, the gas led out. */
  vented: job(HOLD, 'fact', { hold: id, to: word(VENT_PLACES) }),
} as const;
