import type { MetalName } from '../metal/metals';
import type { Quantity } from '../unit/units';
import type { PurgeRequest } from '../purge/request';

export const FORMS = ['tube', 'fitting-cup', 'swaged-socket', 'component-stub', 'saddle', 'reducer'] as const;
export type Form = (typeof FORMS)[number];

export const HISTORY_STATES = ['new', 'brazed', 'soft-soldered'] as const;
export type HistoryState = (typeof HISTORY_STATES)[number];
export type History = HistoryState | { readonly state: HistoryState; readonly filler?: string };

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
  'insulation',
  'wiring',
  'sprinkler',
  'core',
  'press-joint',
  'flare',
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

/** The shop's answers where practitioners differ; the words are those of the table of schools. */
export const SCHOOLS = {
  heatProtection: ['wet cloth', 'putty', 'paste', 'dismantle'],
  houseRod: ['15 % Ag', '5-6 % Ag', 'silver-free'],
  testPressure: ['data plate', 'by refrigerant', 'low and long'],
  holdTime: ['fixed minutes', 'until the hold can see the wanted leak'],
  vacuum: ['single deep', 'triple with nitrogen'],
  riseLimit: ['500 micron in 10 min', 'flattens under 1000 in a used system'],
  drier: ['always', 'only when air could get in'],
  removingAJoint: ['cut', 'unbraze'],
  crackedLine: ['new section', 'braze over'],
  finish: ['capillary and small fillet', 'built-up cap'],
  cooling: ['still air', 'wet cloth after it has set'],
  charge: ['weigh', 'superheat or subcooling', 'sight glass'],
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
}

export interface ServiceRequest {
  readonly refrigerant?: string;
  readonly side?: Side;
  readonly designPressure?: Quantity;
  readonly minTemp?: Quantity;
  readonly maxTemp?: Quantity;
  readonly vibration?: boolean;
  readonly sulphur?: boolean;
}

export interface NearRequest {
  readonly kind: NearKind;
  /** From the cup's mouth. */
  readonly distance: Quantity;
  /** Which way from the joint: along the male tube (taken when not said), or along the part that takes it. */
  readonly along?: 'male' | 'female';
  readonly limit?: Quantity;
  readonly mass?: Quantity;
  readonly protection?: Protection;
}

export interface TorchRequest {
  readonly fuel: Fuel;
  readonly powerKw?: number;
  readonly efficiency?: number;
  readonly regulator?: Quantity;
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
    readonly position?: string;
    readonly access?: Access;
  };
  readonly service?: ServiceRequest;
  readonly near?: readonly NearRequest[];
  readonly torch?: TorchRequest;
  readonly stock?: readonly StockRequest[];
  readonly choose?: string;
  readonly purge?: PurgeRequest;
  readonly schools?: Schools;
  /** Real rod used over planned, from the person's own joints of this size; 1 when not known. */
  readonly rodFactor?: number;
}
