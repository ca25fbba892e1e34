import type { NearRequest } from '../protection/request';
import type { Access, Form, History, Position } from '../vocabulary/joint';
import type { Schools } from '../vocabulary/schools';
import type { CircuitState, Side } from '../vocabulary/service';
import type { Fuel, Rod } from '../vocabulary/torch';
import type { MetalName } from '../metal/metals';
import type { Quantity } from '../unit/units';
import type { PurgeRequest } from '../purge/request';
import type { SafetyClass } from '../refrigerant/safetyClasses';

/** How the air moves where the joint is made. */
export const WINDS = ['calm', 'breezy', 'windy'] as const;
export type Wind = (typeof WINDS)[number];

/** What is known of the place. */
export interface SiteRequest {
  /** Gas that is heavier than air gathers there. */
  readonly belowGround?: boolean;
}

/** What is known of the circuit before a flame comes near it. */
export interface CircuitRequest {
  readonly state?: CircuitState;
  readonly oil?: boolean;
}

export interface MaleRequest {
  readonly metal: MetalName;
  readonly form?: Form;
  readonly od: Quantity;
  readonly wall?: Quantity;
  readonly history?: History;
}

export interface FemaleRequest {
  readonly metal: MetalName;
  readonly form?: Form;
  readonly bore?: Quantity;
  readonly cupDepth?: Quantity;
  readonly wall?: Quantity;
  readonly history?: History;
  /** Of a branch: the tube it stands on. */
  readonly run?: { readonly od: Quantity; readonly wall: Quantity };
}

export interface ServiceRequest {
  readonly refrigerant?: string;
  /** Of a refrigerant that the engine does not know. */
  readonly safetyClass?: SafetyClass;
  readonly side?: Side;
  readonly designPressure?: Quantity;
  /** Published working pressure of the weaker part. */
  readonly rating?: Quantity;
  /** The maker's own test pressure. */
  readonly testRating?: Quantity;
  /** What the maker of the tube lists, by designation: of copper-iron. */
  readonly makersFillers?: readonly string[];
  readonly minTemp?: Quantity;
  readonly maxTemp?: Quantity;
  readonly vibration?: boolean;
  readonly sulphur?: boolean;
}

export interface TorchRequest {
  readonly fuel: Fuel;
  /** Of one torch, where two are held. */
  readonly powerKw?: number;
  /** How many are held; two above 2-1/8 in where nobody says. */
  readonly count?: 1 | 2;
  /** Powers of the tips on the van [kW]. */
  readonly tips?: readonly number[];
  readonly efficiency?: number;
  readonly regulator?: Quantity;
  /** Gas that the fuel cylinder holds, as volume at room conditions. */
  readonly cylinder?: Quantity;
}

export interface StockRequest {
  readonly designation: string;
  readonly rod?: Rod;
}

/** One joint as asked: quantities as they were typed, so that what was entered is what is kept. */
export interface PlanRequest {
  readonly atmosphere?: Quantity;
  readonly altitude?: Quantity;
  readonly ambient?: Quantity;
  readonly wind?: Wind;
  readonly site?: SiteRequest;
  readonly joint: {
    readonly male: MaleRequest;
    readonly female: FemaleRequest;
    readonly position?: Position;
    readonly access?: Access;
  };
  readonly service?: ServiceRequest;
  readonly circuit?: CircuitRequest;
  readonly near?: readonly NearRequest[];
  readonly torch?: TorchRequest;
  readonly stock?: readonly StockRequest[];
  /** The filler all is worked out for; with its rod where the stock holds one filler in several. */
  readonly choose?: string | { readonly designation: string; readonly rod: Rod };
  readonly purge?: PurgeRequest;
  readonly schools?: Schools;
  /** Real rod used over planned, from the person's own joints of this size; 1 when not known. */
  readonly rodFactor?: number;
  /** Kept at temperature once it flows; 10 s when not said. */
  readonly holdSeconds?: number;
}
