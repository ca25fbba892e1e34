import type { CircuitKind } from '../vocabulary';

/** A joint that no flame makes. */
export interface ColdJoint {
  readonly method: 'press' | 'flare';
  /** Outside of the tube [m]; null where it is not drawn. */
  readonly odM: number | null;
}

export interface KitPart {
  readonly kind: CircuitKind;
  readonly place: string;
}

/** A port by the id of its part. */
export interface KitPort {
  readonly place: string;
}
