import type { CircuitGraph } from '../circuit/graph';
import type { CompressorKind } from '../ledger/words';
import type { GaugeRequest } from '../hold/request';
import type { SafetyClass } from '../refrigerant/safetyClasses';
import type { Quantity } from '../unit/units';

/** How a section is to be held, for what it would see. */
export interface SectionHoldRequest {
  readonly testPressure: Quantity;
  readonly minutes: number;
  readonly gauge: GaugeRequest;
  readonly temperatureUncertaintyK: number;
}

export { COMPRESSOR_KINDS, type CompressorKind } from '../ledger/words';

export interface IsolateRequest {
  readonly atmosphere?: Quantity;
  readonly altitude?: Quantity;
  readonly circuit: CircuitGraph;
  /** Ids of the parts that are to be opened; a tube by the two it joins, as `from>to`. */
  readonly work: readonly string[];
  readonly state?: {
    /** Left out: nobody knows, which is not the same as none. */
    readonly lowSideLeak?: boolean;
    readonly airInside?: boolean;
    readonly lowSidePressure?: Quantity;
    readonly jointOpen?: boolean;
    readonly compressorKind?: CompressorKind;
  };
  readonly hold?: SectionHoldRequest;
  readonly charge?: Quantity;
  readonly refrigerant?: string;
  /** Of a refrigerant that the engine does not know. */
  readonly safetyClass?: SafetyClass;
  /** Ids of the parts to cut at. */
  readonly split?: readonly string[];
}
