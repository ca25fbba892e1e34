import type { CircuitKind, CircuitSide } from '../vocabulary';
import type { FlowGraph } from './checks';
import { kindOf, type CircuitGraph } from './graph';
import type { LaidPart, Point } from './layoutTypes';

/** Units of the drawing: a part and the tube to the next one take a slot. */
export const SLOT = 84;
/** Where the compressor stands, and the gas line begins. */
export const LEFT = 64;
export const TOP = 90;
/** From one coil to the next, and from the coils to the liquid line. */
export const BESIDE = 190;
const BELOW_COIL = 130;
/** A part in the column needs so much of it, and the compressor and the coil so much beyond. */
const OF_COLUMN = 45;
const COLUMN_ENDS = 80;

/** How high things stand on one sheet. */
export interface Heights {
  readonly coil: number;
  readonly bottom: number;
}

/** A column that holds more than one part between compressor and coil is longer for it. */
export function heightsFor(inColumn: number): Heights {
  const coil = TOP + Math.max(BELOW_COIL, inColumn < 2 ? 0 : COLUMN_ENDS + OF_COLUMN * (inColumn + 1));
  return { coil, bottom: coil + BELOW_COIL };
}

/** Parts evenly between two ends, each with its place. */
export const spread = (ids: readonly string[], from: number, to: number): readonly (readonly [id: string, at: number])[] =>
  ids.map((id, i) => [id, from + ((to - from) * (i + 1)) / (ids.length + 1)]);

export const isKind = (split: CircuitGraph, kind: CircuitKind) => (id: string) => kindOf(split, id) === kind;

/** Parts as they find their places. */
export class Sheet {
  readonly placed = new Map<string, LaidPart>();
  constructor(
    readonly split: FlowGraph,
    readonly heights: Heights,
    private readonly high: ReadonlySet<string>,
  ) {}

  side(id: string): CircuitSide {
    return this.high.has(id) ? 'high' : 'low';
  }

  readonly put = (id: string, at: Point, flow: LaidPart['flow']): void => {
    this.placed.set(id, { id, kind: kindOf(this.split, id) ?? 'tube', side: this.side(id), flow, ...at });
  };
}
