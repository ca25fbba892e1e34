import type { CircuitGraph } from '@kesto/core';

/** A circuit as somebody drew it; those before it stay. */
export interface KeptDrawing {
  readonly id: string;
  readonly circuitId: string;
  readonly personId: string;
  readonly graph: CircuitGraph;
  readonly madeAt: Date;
  /** Counts up within the circuit. */
  readonly place: number;
  readonly requestHash: string;
}

export interface DrawingRepository {
  byId(id: string): Promise<KeptDrawing | null>;
  latestOf(circuitId: string): Promise<KeptDrawing | null>;
  /** Every drawing of a circuit, the newest first. */
  allOf(circuitId: string): Promise<readonly CircuitGraph[]>;
  add(drawing: KeptDrawing): Promise<void>;
}
