import type { MetalName } from '../metal/metals';
import type { Quantity } from '../unit/units';
import type { PurgeRequest } from '../purge/request';
import type { SafetyClass } from '../refrigerant/safetyClasses';

export const MALE_FORMS = ['tube', 'capillary', 'component-stub', 'reducer'] as const;
export const FORMS = ['tube', 'capillary', 'fitting-cup', 'swaged-socket', 'component-stub', 'crimped-stub', 'saddle', 'reducer'] as const;
export type Form = (typeof FORMS)[number];

export const HISTORY_STATES = ['new', 'brazed', 'soft-soldered'] as const;
export type HistoryState = (typeof HISTORY_STATES)[number];
export const REMOVALS = ['ground-off', 'cut-off'] as const;
/** How the old filler was taken away, where it was. */
export type Removal = (typeof REMOVALS)[number];
export type History = HistoryState | { readonly state: HistoryState; readonly filler?: string; readonly removed?: Removal };

export const POSITIONS = ['horizontal', 'up', 'down', 'overhead'] as const;
export type Position = (typeof POSITIONS)[number];

export const CIRCUIT_STATES = ['charged', 'recovered', 'evacuated', 'new'] as const;
export type CircuitState = (typeof CIRCUIT_STATES)[number];
/** What is known of the circuit before a flame comes near it. */
export interface CircuitRequest {
  readonly state?: CircuitState;
  readonly oil?: boolean;
}

export const SIDES = ['high', 'low', 'discharge', 'liquid', 'suction'] as const;
export type Side = (typeof SIDES)[number];

export const ACCESSES = ['open', 'tight', 'bench'] as const;
export type Access = (typeof ACCESSES)[number];

export const CIRCUIT_KINDS = [
  'compressor',
  'condenser',
  'receiver',
  'valve',
  'check-valve',
  'drier',
  'sight-glass',
  'solenoid',
  'expansion-valve',
  'capillary',
  'distributor',
  'evaporator',
  'accumulator',
  'reversing-valve',
  'switch',
  'transducer',
  'port',
  'tube',
  'fitting',
] as const;
export const NEAR_KINDS = [
  ...CIRCUIT_KINDS,
  'soft-solder-joint',
  'brazed-joint',
  'press-joint',
  'flare',
  'core',
  'coil',
  'power-head',
  'sensor',
  'insulation',
  'wiring',
  'circuit-board',
  'wood',
  'plastic-pipe',
  'grommet',
  'painted-surface',
  'sprinkler',
  'detector',
] as const;
export type NearKind = (typeof NEAR_KINDS)[number];

export const PROTECTIONS = ['none', 'wet-cloth', 'putty', 'paste', 'removed'] as const;
export type ProtectionKind = (typeof PROTECTIONS)[number];
export type Protection =
  ProtectionKind | { readonly kind: ProtectionKind; readonly from?: Quantity; readonly to?: Quantity; readonly water?: Quantity };

export const FUELS = ['air-propane', 'air-propylene', 'air-acetylene', 'oxy-acetylene', 'oxy-propane', 'oxy-propylene'] as const;
export type Fuel = (typeof FUELS)[number];

export const ROD_NAMES = ['round-1/16', 'round-3/32', 'round-1/8', 'flat-0.050x1/8'] as const;
export type RodName = (typeof ROD_NAMES)[number];
export type Rod = RodName | { readonly diameter: Quantity } | { readonly width: Quantity; readonly thickness: Quantity };

/** The shop's answers where practitioners differ, by id. */
export const SCHOOLS = {
  heatProtection: ['wet-cloth', 'putty', 'paste', 'dismantle'],
  houseRod: ['silver-15', 'silver-5', 'silver-free'],
  testPressure: ['data-plate', 'by-refrigerant', 'low-and-long'],
  holdTime: ['fixed', 'until-seen'],
  vacuum: ['single-deep', 'triple'],
  riseLimit: ['500-in-10', 'flattens-1000'],
  drier: ['always', 'when-opened'],
  removingAJoint: ['cut', 'unbraze'],
  crackedLine: ['new-section', 'braze-over'],
  finish: ['small-fillet', 'cap'],
  cooling: ['still-air', 'wet-cloth'],
  charge: ['weigh', 'trim', 'sight-glass'],
  strengthCode: ['asme', 'en', 'maker'],
  joining: ['braze', 'press', 'flare', 'bend'],
} as const;
export type SchoolQuestion = keyof typeof SCHOOLS;
export type Schools = { readonly [Q in SchoolQuestion]?: (typeof SCHOOLS)[Q][number] };

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
  readonly minTemp?: Quantity;
  readonly maxTemp?: Quantity;
  readonly vibration?: boolean;
  readonly sulphur?: boolean;
}

/** Which way from the joint: along the male tube (taken when not said), the part that takes it, or a branch's run. */
export const ALONGS = ['male', 'female', 'run'] as const;
export type Along = (typeof ALONGS)[number];

export interface NearRequest {
  readonly kind: NearKind;
  /** From the cup's mouth along the male tube; along the part that takes it from the cup's bottom; along a branch's run from the branch. */
  readonly distance: Quantity;
  readonly along?: Along;
  /** Above the flame, of a sprinkler or detector. */
  readonly height?: Quantity;
  /** Of a finished joint near by. */
  readonly filler?: string;
  readonly limit?: Quantity;
  readonly mass?: Quantity;
  readonly protection?: Protection;
}

export interface TorchRequest {
  readonly fuel: Fuel;
  /** Of one torch, where two are held. */
  readonly powerKw?: number;
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
