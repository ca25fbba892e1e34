import type { CircuitKind, CircuitSide } from '../vocabulary';

export interface Point {
  readonly x: number;
  readonly y: number;
}

export interface LaidPart extends Point {
  readonly id: string;
  readonly kind: CircuitKind;
  readonly side: CircuitSide;
  /** Which way the flow goes through it, in the drawing as it lies wide. */
  readonly flow: 'right' | 'left' | 'up' | 'down';
}

export interface LaidLink {
  /** Its place in the circuit's links. */
  readonly index: number;
  readonly side: CircuitSide;
  readonly points: readonly Point[];
}

/** A circuit laid out wide: liquid along the bottom, gas back along the top, the compressor on the left. */
export interface CircuitLayout {
  readonly width: number;
  readonly height: number;
  readonly parts: readonly LaidPart[];
  readonly links: readonly LaidLink[];
  /** From where to where a wall stands between outdoors and indoors. */
  readonly wall: Span | null;
  /** Fans that are named, with the coils each blows through. */
  readonly fans: readonly LaidFan[];
  /** From where to where each circuit of the drawing lies, and at what height its middle, in the order of their compressors. */
  readonly circuits: readonly (Span & { readonly middle: number })[];
}

export interface Span {
  readonly from: number;
  readonly to: number;
}

export interface LaidFan extends Point {
  readonly name: string;
  readonly coils: readonly Point[];
}
