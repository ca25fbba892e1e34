import type { KeptStage } from '../vocabulary/stage';
import type { Bend, BendPoint } from './words';

/** What a point is answered by, besides a tap: a gauge's pressure, a drop of it, or what an acid test of the oil showed. */
export type BendAsks = 'gauge' | 'drop' | 'acid-test';

/** A point that a bend brings: which stage is not done before it, and what is read for it. */
export interface BendRow {
  readonly point: BendPoint;
  readonly before: KeptStage;
  readonly reads: BendAsks | null;
}

const read = (before: KeptStage, reads: BendAsks | null, ...points: readonly BendPoint[]): readonly BendRow[] =>
  points.map((point) => ({ point, before, reads }));
const row = (before: KeptStage, ...points: readonly BendPoint[]): readonly BendRow[] => read(before, null, ...points);

/**
 * What each bend asks, and before the end of which stage. Source: practice after a burn-out (flush, two driers, acid tests, 24 to 72 h run),
 * codes on pressure left alone (sign, nobody's way), both circuits of a shared exchanger, and what an owner is left with.
 */
export const BEND_ROWS: Readonly<Record<Bend, readonly BendRow[]>> = {
  'burnt-compressor': [
    ...row('hold', 'skin-covered'),
    ...read('hold', 'acid-test', 'acid-at-opening'),
    ...row('hold', 'stubs-capped'),
    ...row('pull', 'flushed-twice', 'blown-dry', 'liquid-drier', 'suction-core-in'),
    ...row('charge', 'pump-oil-changed', 'electrical-cause', 'contactor-changed'),
    ...row('hand-over', 'run-in'),
    ...read('hand-over', 'acid-test', 'acid-again'),
    ...read('hand-over', 'drop', 'drop-read'),
    ...row('hand-over', 'suction-core-out'),
  ],
  'overnight-pressure': [
    ...row('hold', 'hose-off', 'sign', 'way-free', 'own-joints-soaped'),
    ...read('hold', 'gauge', 'gauge-left', 'gauge-found'),
  ],
  'overnight-vacuum': [...row('pull', 'pump-off', 'gauge-isolated', 'sign')],
  'two-circuits': [...read('hold', 'gauge', 'other-before', 'other-after')],
  'sealed-room': [...row('make-safe', 'no-flame', 'people-out'), ...row('hold', 'let-down-outdoors')],
  'unknown-charge': [...row('charge', 'refrigerant-proven', 'lower-bound'), ...row('hand-over', 'marked-unknown')],
  'critical-charge': [...row('pull', 'ports-for-good'), ...row('hand-over', 'sister-compared')],
  'cooling-on': [...row('make-safe', 'cooling-stands')],
  'owner-no': [...row('hand-over', 'left-told', 'valves-capped', 'none-added')],
};
