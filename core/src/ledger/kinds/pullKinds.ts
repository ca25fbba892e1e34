import { above, designation, id, line, list, number, object, optional, orNothing, quantity, truth, whole, word } from '../fields';
import { job } from '../row';
import { GAUGE_PLACES, HOSE_CORES, PULL_REASONS, PULL_VERDICTS, RISE_LIMITS, RISE_MODELS } from '../words';
import { parts, seriesHead, vacuumPa } from './common';

const PULL = ['pull'] as const;
const hose = object({ bore: quantity, length: quantity, core: word(HOSE_CORES), coreBore: optional(quantity) });

/** A pull: the rig alone, then down, shut off, watched, broken with nitrogen, until it is dry. */
export const PULL_KINDS = {
  /** Pump and hoses, blanked at the unit's end: how low in five minutes, and what they rise by in the next five. */
  'rig-alone': {
    ...job(PULL, 'fact', { reached: quantity, rise: quantity, limit: optional(quantity) }),
    worked: { holds: truth },
  },
  'pull-began': {
    ...job(PULL, 'claim', {
      ...{ ports: parts(1), volume: quantity, pump: object({ speed: quantity, ultimate: quantity }), hoses: list(hose, 1, 20) },
      ...{ gauge: object({ name: line(80), calibratedUntil: optional(designation(10)) }), gaugeAt: word(GAUGE_PLACES) },
      ...{ limit: quantity, school: word(RISE_LIMITS), ambient: quantity, coldest: optional(quantity) },
      /** Ester oil stays in the circuit: what it gives off takes long, and stays higher. */
      ...{ esterOil: optional(truth), wet: optional(truth) },
    }),
    worked: {
      /** Of a dry and empty circuit; null at or under the pump's ultimate. */
      forecast: list(object({ pa: vacuumPa, seconds: orNothing(number(0, 1e9, 's')) }), 1, 10),
      ...{ unreached: parts(0), openFirst: parts(0), limitPa: vacuumPa, waterPa: vacuumPa },
    },
  },
  'pull-read': job(PULL, 'fact', { pull: id, pressure: quantity }),
  'valve-shut': job(PULL, 'fact', { pull: id }),
  /** The valve is opened to the pump again. */
  'pumped-on': job(PULL, 'fact', { pull: id }),
  rise: {
    /** `by`, `byHand`: as of a hold's end. */
    ...job(PULL, 'claim', { pull: id, by: optional(id), byHand: optional(truth) }),
    worked: {
      ...{ verdict: word(PULL_VERDICTS), reasons: list(word(PULL_REASONS), 0, 9), model: orNothing(word(RISE_MODELS)) },
      ...{ plateauPa: orNothing(vacuumPa), straightPaPerS: orNothing(number(-1e6, 1e6, 'Pa/s')), limitPa: vacuumPa },
      ...{ leakPaM3S: orNothing(number(-1e6, 1e6, 'Pa m3/s')), gramsPerYear: orNothing(number(0, 1e15, 'g/a')) },
      ...{ minutes: number(0, 44_640, 'min'), readings: whole(0, 10_000_000, ''), endPa: orNothing(vacuumPa) },
      /** Heads of the series it was judged from. */
      series: optional(list(object(seriesHead), 0, 20)),
    },
  },
  'broken-with-nitrogen': job(PULL, 'fact', { pull: id, reached: quantity, brokenTo: quantity, minutes: above(0, 10_000, 'min') }),
  'oil-changed': job(PULL, 'fact', { pull: optional(id) }),
} as const;
