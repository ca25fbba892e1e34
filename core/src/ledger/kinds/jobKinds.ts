import { STAGES } from '../../vocabulary/stage';
import { designation, hash, id, instant, list, object, optional, place, schoolsChosen, text, whole, word } from '../fields';
import { job, CHAINS } from '../row';
import { HOT_WORK_ANSWERS, TAKEN_OUT } from '../words';
import { why, noted } from './common';

const sumLines = list(object({ label: text(80), text: text(200) }), 0, 30);
const head = object({ of: word(CHAINS), id, sequence: whole(1, 1_000_000, ''), hash });

/** Of the job as a whole. */
export const JOB_KINDS = {
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
} as const;
