import { designation, hash, id, line, list, number, object, optional, text, truth, whole, word } from '../fields';
import { job } from '../row';
import { HAND_OVER_ANSWERS, HAND_OVER_POINTS, MATERIAL_UNITS, PROOF_METHODS } from '../words';
import { noted, WORDS } from './common';

const HAND_OVER = ['hand-over'] as const;
/** A drawn signature: SVG paths alone, checked. */
const DRAWN = 64_000;

/** The end of a job: what is put back, what was used, what the next person has to know, who signed. */
export const HAND_OVER_KINDS = {
  'handed-point': job(HAND_OVER, 'fact', {
    ...{ point: word(HAND_OVER_POINTS), answer: word(HAND_OVER_ANSWERS), ...noted },
    /** Of `joint-tightness`: each joint by itself, by a method that sees 5 g a year. */
    proofs: optional(list(object({ joint: id, method: word(PROOF_METHODS), instrument: optional(line(80)) }), 1, 200)),
  }),
  materials: job(HAND_OVER, 'fact', {
    used: list(object({ what: line(80), amount: number(0, 1_000_000, ''), unit: word(MATERIAL_UNITS) }), 1, 60),
  }),
  'next-person-note': job(HAND_OVER, 'fact', { note: text(WORDS), sisters: optional(truth), nextCheck: optional(designation(10)) }),
  /** Pages as they were handed over, by their hash. */
  report: job(HAND_OVER, 'claim', { sha256: hash, bytes: whole(1, 50_000_000, ''), pages: whole(1, 200, '') }),
  'signed-off': job(HAND_OVER, 'claim', {
    ...{ name: line(80), role: line(80), drawn: optional(text(DRAWN)), report: optional(hash) },
    /** Chains as this device knew them: what came after stands after the signature. */
    heads: list(object({ of: word(['job', 'joint']), id, sequence: whole(0, 1_000_000, ''), hash }), 1, 200),
  }),
} as const;
