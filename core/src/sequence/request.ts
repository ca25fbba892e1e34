import type { CircuitGraph } from '../circuit/graph';
import type { Quantity } from '../unit/units';

export interface SequenceJointRequest {
  readonly id: string;
  /** The two parts it joins. */
  readonly a: string;
  readonly b: string;
  /** Made before the part goes into the unit: purged by its own open ends. */
  readonly bench?: boolean;
  /** Joints that are made before it. */
  readonly after?: readonly string[];
  /** What has to be threaded on before the pipe closes. */
  readonly captive?: readonly string[];
  /** Where one stands for it: another place is a walk. */
  readonly place?: string;
  /** Along the tube to other joints: one that is made already is heated again. */
  readonly distanceTo?: Readonly<Record<string, Quantity>>;
  /** Joints that it stands straight above, on a riser. */
  readonly above?: readonly string[];
}

export interface SequenceRequest {
  readonly atmosphere?: Quantity;
  readonly altitude?: Quantity;
  readonly circuit: CircuitGraph;
  readonly joints: readonly SequenceJointRequest[];
  /** Ports that may be opened. */
  readonly ports: readonly string[];
  /** Where the hose is at first. */
  readonly inlet: string;
}

/** What a change costs [min]. Trade habit: editable. */
export const SEQUENCE_COSTS = { hose: 4, outlet: 2, walk: 3, reheat: 15, underOneAbove: 3 } as const;

/** An order of more is made in parts. */
export const MOST_SEQUENCE_JOINTS = 50;

/** So far from the flame an open end may be the way out [m]. */
export const OUTLET_FROM_FLAME_M = 0.5;
