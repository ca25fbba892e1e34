import type { CircuitGraph } from '../circuit/graph';
import type { CompressorKind, TestPractice } from '../ledger/words';
import type { Quantity } from '../unit/units';

/** A hold as it is asked for. Pressures gauge, but for the gauge's own range and step. */
export interface HoldPlanRequest {
  readonly atmosphere?: Quantity;
  readonly altitude?: Quantity;
  readonly plan: {
    readonly circuit: CircuitGraph;
    /** Ids of the parts to be held. */
    readonly section: readonly string[];
    /** Where the gas goes in. */
    readonly at: string;
    readonly refrigerant: string;
    readonly compressorKind?: CompressorKind;
    readonly plate?: { readonly lowSide: Quantity; readonly highSide: Quantity };
    readonly gauge: { readonly range?: Quantity; readonly resolution: Quantity };
    /** Of the rig, where they are known. */
    readonly hose?: Quantity;
    readonly regulator?: Quantity;
    /** The warmest that what is held may get. */
    readonly hottest?: Quantity;
    /** It stands in the sun: it may get warmer than shade does. */
    readonly inSun?: boolean;
    readonly ambient: Quantity;
    readonly practice?: TestPractice;
    /** Without a plate: the low side stands outdoors. */
    readonly lowSideOutdoors?: boolean;
    /** Without a plate: summers here pass 43 °C. */
    readonly hotSummers?: boolean;
    readonly volume?: Quantity;
    readonly cylinder?: { readonly waterVolume: Quantity; readonly pressure: Quantity };
    readonly temperatureUncertaintyK?: number;
    /** The leak of the test gas that has to be seen. */
    readonly wantedLeakPaM3S?: number;
  };
  readonly gas?: string;
}
