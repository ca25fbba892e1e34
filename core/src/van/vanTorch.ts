import { FieldReader } from '../unit/fieldReader';
import type { GaugePascals, Quantity } from '../unit/units';
import type { Fuel } from '../vocabulary/torch';

/** A tip of the torch: its power [kW] alone, or with what is stamped on it. */
export type VanTip = number | { readonly name: string; readonly kw: number };

export const tipKw = (tip: VanTip): number => (typeof tip === 'number' ? tip : tip.kw);

const M3_PER_FT3 = 0.0283168;
/** What an acetylene cylinder of each size holds when it is full [m3 at room conditions]. Source: gas makers' sizes, by content. */
export const ACETYLENE_CYLINDERS_M3 = {
  'ft3-10': 10 * M3_PER_FT3,
  'ft3-40': 40 * M3_PER_FT3,
  'ft3-75': 75 * M3_PER_FT3,
  'ft3-145': 145 * M3_PER_FT3,
  'ft3-300': 300 * M3_PER_FT3,
} as const;
export type AcetyleneSize = keyof typeof ACETYLENE_CYLINDERS_M3;
export const ACETYLENE_SIZES = Object.keys(ACETYLENE_CYLINDERS_M3) as readonly AcetyleneSize[]; // cast: the keys of this very object

/** The fuel cylinder as a person reads it: its size, and its gauge. */
export interface FuelCylinder {
  readonly size: AcetyleneSize;
  readonly gauge: Quantity;
}

/** The torch on a van. */
export interface VanTorch {
  readonly fuel: Fuel;
  /** Left out: the usual tips of its fuel. */
  readonly tips?: readonly VanTip[];
  /** Of acetylene, where how fast it may be drawn matters. */
  readonly fuelCylinder?: FuelCylinder;
}

/** Gauge of a full acetylene cylinder at 21 °C [Pa]: 250 psi. Source: gas makers' data. */
const FULL_PA = 1_723_690;
export const FUEL_GAUGE_PA = { min: 0, max: 3e6 } as const;

/**
 * What a fuel cylinder's gauge says, in whatever unit it was read.
 *
 * @param cylinder  as `readVan` accepted it
 * @returns         [Pa gauge]
 */
export const fuelGauge = ({ gauge }: FuelCylinder): GaugePascals => new FieldReader().plainGaugePressure('gauge', gauge, FUEL_GAUGE_PA);

/**
 * What an acetylene cylinder still holds, by its gauge.
 *
 * @param cylinder  its size, and what its gauge says [0..30 bar gauge]
 * @returns         [m3 at room conditions]; in proportion to the gauge, which is rough: dissolved gas is known by weight alone
 * @source          solubility in proportion to pressure (Henry); full at 250 psi gauge at 21 °C
 */
export const fuelLeftM3 = (cylinder: FuelCylinder): number =>
  ACETYLENE_CYLINDERS_M3[cylinder.size] * Math.min(1, fuelGauge(cylinder) / FULL_PA);

/** A torch in the words of a plan. */
interface AskedTorch {
  readonly fuel: Fuel;
  readonly tips?: readonly number[];
  readonly cylinder?: Quantity;
}

/** What a plan takes of a cylinder that is all but empty [m3]. */
const LEAST_LEFT_M3 = 0.01;

/** The van's torch as a plan asks for it: powers of its tips, and what its cylinder still holds. */
export const torchRequestOf = ({ fuel, tips, fuelCylinder }: VanTorch): AskedTorch => ({
  fuel,
  ...(tips ? { tips: tips.map(tipKw) } : {}),
  ...(fuelCylinder ? { cylinder: { value: Number(Math.max(LEAST_LEFT_M3, fuelLeftM3(fuelCylinder)).toPrecision(3)), unit: 'm3' } } : {}),
});
