import type { KeptStage } from '../vocabulary/stage';
import type { Bend, BendPoint } from './words';

/** A point that a bend brings: which stage is not done before it, and whether a pressure is read for it. */
export interface BendRow {
  readonly point: BendPoint;
  readonly before: KeptStage;
  readonly reads: boolean;
}

const row = (before: KeptStage, ...points: readonly BendPoint[]): readonly BendRow[] =>
  points.map((point) => ({ point, before, reads: false }));
const read = (before: KeptStage, ...points: readonly BendPoint[]): readonly BendRow[] =>
  points.map((point) => ({ point, before, reads: true }));

/**
 * What each bend asks, and before the end of which stage. Source: practice after a burn-out (flush, two driers, acid tests, 24 to 72 h run),
 * codes on pressure left alone (sign, nobody's way), both circuits of a shared exchanger, and what an owner is left with.
 */
export const BEND_ROWS: Readonly<Record<Bend, readonly BendRow[]>> = {
  'burnt-compressor': [
    ...row('hold', 'skin-covered', 'acid-at-opening', 'stubs-capped'),
    ...row('pull', 'flushed-twice', 'blown-dry', 'liquid-drier', 'suction-core-in'),
    ...row('charge', 'pump-oil-changed', 'electrical-cause', 'contactor-changed'),
    ...row('hand-over', 'run-in', 'acid-again'),
    ...read('hand-over', 'drop-read'),
    ...row('hand-over', 'suction-core-out'),
  ],
  'overnight-pressure': [...row('hold', 'hose-off', 'sign', 'way-free', 'own-joints-soaped'), ...read('hold', 'gauge-left', 'gauge-found')],
  'overnight-vacuum': [...row('pull', 'pump-off', 'gauge-isolated', 'sign')],
  'two-circuits': [...read('hold', 'other-before', 'other-after')],
  'sealed-room': [...row('make-safe', 'no-flame', 'people-out'), ...row('hold', 'let-down-outdoors')],
  'unknown-charge': [...row('charge', 'refrigerant-proven', 'lower-bound'), ...row('hand-over', 'marked-unknown')],
  'critical-charge': [...row('pull', 'ports-for-good'), ...row('hand-over', 'sister-compared')],
  'cooling-on': [...row('make-safe', 'cooling-stands')],
  'owner-no': [...row('hand-over', 'left-told', 'valves-capped', 'none-added')],
};
