import type { LeakLaw } from '../ledger/words';
import type { Metering } from '../refrigerant/readings';
import type { Quantity } from '../unit/units';

export interface CylinderRequest {
  /** On the scale before and after, hoses in the same state. `gross` and `tare` are taken as the same. */
  readonly before?: Quantity;
  readonly after?: Quantity;
  readonly gross?: Quantity;
  readonly tare?: Quantity;
  /** Of the cylinder by its stamp. */
  readonly stampedTare?: Quantity;
  readonly refrigerant?: string;
}

export interface LinesRequest {
  readonly length: Quantity;
  /** So much of it the plate's charge covers. */
  readonly included: Quantity;
  readonly ratePerMetre?: Quantity;
  readonly ratePerFoot?: Quantity;
  /** Whether lines shorter than included take something off; not said: they do. */
  readonly shorterLessens?: boolean;
  readonly oilPerMetre?: Quantity;
}

export interface RecoveryRequest {
  /** Mass of water, or a volume. */
  readonly waterCapacity: Quantity;
  readonly stampedTare: Quantity;
  readonly now: Quantity;
  readonly refrigerant: string;
}

export interface ChargeRequest {
  readonly dataPlate: Quantity;
  readonly lines?: LinesRequest;
  readonly cylinders?: readonly CylinderRequest[];
  /** What stays in the hoses [kg]. */
  readonly hosesKg?: number;
  readonly refrigerant?: string;
  readonly metering?: Metering;
  /** A water or brine side is in the circuit. */
  readonly water?: boolean;
  readonly compressorKind?: string;
  readonly runs?: boolean;
  readonly maxCharge?: Quantity;
  readonly fullCharge?: Quantity;
  /** How far the plate lets the charge be off. */
  readonly tolerance?: Quantity;
  readonly lostKg?: number;
  readonly sinceDays?: number;
  readonly additions?: readonly { readonly mass: Quantity; readonly daysAgo: number }[];
  readonly repairedDaysAgo?: number;
  readonly place?: LeakLaw;
  readonly gwp?: number;
  readonly hermetic?: boolean;
  readonly leakDetection?: boolean;
  readonly recovery?: RecoveryRequest;
}
