import type { CIRCUIT_KINDS } from './part';

export type CircuitKind = (typeof CIRCUIT_KINDS)[number];

/** Which side of a circuit a part or tube lies on: what the compressor presses, up to where it is let down, is the high side. */
export type CircuitSide = 'high' | 'low';
