import type { CircuitGraph } from '@kesto/core';

/** Version of the file a circuit is exported to; goes up when its shape changes. */
export const CIRCUIT_FILE = { format: 'kesto-circuit', version: 1 } as const;

/** A circuit as a file: the same in any shop. */
export interface CircuitFile {
  readonly format: typeof CIRCUIT_FILE.format;
  readonly version: typeof CIRCUIT_FILE.version;
  readonly name: string;
  readonly circuit: CircuitGraph;
}

export interface DrawingView {
  readonly circuit: CircuitGraph;
  readonly by: string;
  readonly at: string;
}

/** Null where nobody drew the circuit yet. */
export interface Drawn {
  readonly drawing: DrawingView | null;
}

/** So many parts stay fluid under a finger. */
export const PARTS_LIMIT = 200;
