import { FLUX_CLASSES, type FluxClass } from '../flux/fluxes';
import { FILLERS, findFiller } from '../filler/fillers';
import type { PurgeRequest } from '../purge/request';
import { fail, ok, type Result } from '../result';
import { resolveRod } from '../rod/rods';
import { FieldReader } from '../unit/fieldReader';
import { gaugeFromAbsolute, SEA_LEVEL, type GaugePascals, type Quantity } from '../unit/units';
import type { Rod } from '../vocabulary/torch';
import { FUEL_GAUGE_PA, tipKw, type VanTorch } from './vanTorch';

/** What is on a van, as it is counted. */
export const INSTRUMENT_KINDS = ['gauge', 'vacuum-gauge', 'thermometer', 'scale', 'detector', 'oxygen-meter'] as const;
export type InstrumentKind = (typeof INSTRUMENT_KINDS)[number];

/** Something that is read, with how finely and until when it can be trusted. */
export interface Instrument {
  readonly id: string;
  readonly kind: InstrumentKind;
  readonly name: string;
  /** Of a gauge: the least step it shows, a difference of pressures. */
  readonly resolution?: Quantity;
  /** Of a gauge: from 0 to the end of its dial, a difference of pressures. */
  readonly range?: Quantity;
  /** Of a thermometer: how far it may be off [K]. */
  readonly offK?: number;
  /** Day, as 2027-03-31. */
  readonly calibratedUntil?: string;
}

/** A cylinder for refrigerant that is taken out. */
export interface RecoveryCylinder {
  readonly id: string;
  readonly name: string;
  readonly tare: Quantity;
  /** What it holds of water, by its stamp. */
  readonly water?: Quantity;
  readonly testedUntil?: string;
}

export const WRAPS = ['wet-cloth', 'putty', 'paste'] as const;
export type CarriedWrap = (typeof WRAPS)[number];

export const CYLINDER_GASES = ['fuel', 'oxygen', 'nitrogen', 'refrigerant'] as const;
export type CylinderGas = (typeof CYLINDER_GASES)[number];

/** A cylinder that is carried beside the one the joints are purged from. */
export interface GasCylinder {
  readonly id: string;
  readonly gas: CylinderGas;
  readonly name: string;
  readonly tare?: Quantity;
  /** As it was weighed last. */
  readonly gross?: Quantity;
  readonly testedUntil?: string;
}

export interface VanCount {
  readonly fillers: readonly { readonly designation: string; readonly rod: Rod; readonly count: number; readonly lot?: string }[];
  readonly instruments?: readonly Instrument[];
  readonly recovery?: readonly RecoveryCylinder[];
  readonly flux?: readonly { readonly class: FluxClass; readonly grams: number }[];
  readonly wraps?: readonly CarriedWrap[];
  readonly gases?: readonly GasCylinder[];
  readonly torch: VanTorch;
  readonly cylinder: NonNullable<PurgeRequest['cylinder']>;
}

const STICKS = { min: 0, max: 999 } as const;
const WATER_M3 = { min: 0.0001, max: 0.1 } as const;
const STEP_PA = { min: 0, max: 1e6 } as const;
const RANGE_PA = { min: 1e3, max: 100e6 } as const;
const OFF_K = { min: 0, max: 20 } as const;
const TARE_KG = { min: 0.1, max: 1000 } as const;
const PRESSURE_PA = { min: 0, max: 32e6 } as const;
const FLUX_GRAMS = { min: 0, max: 20_000 } as const;
const TIP_KW = { min: 0.2, max: 60 } as const;

function readConsumables({ flux = [], gases = [], torch }: VanCount, read: FieldReader): void {
  flux.forEach((row, i) => {
    if (!FLUX_CLASSES.includes(row.class)) {
      read.errors.push({ kind: 'unknown-word', field: `flux[${i}].class`, word: row.class, allowed: FLUX_CLASSES });
    }
    if (flux.slice(0, i).some((before) => before.class === row.class)) {
      read.errors.push({ kind: 'refused', field: `flux[${i}].class`, reason: 'given-twice', value: row.class });
    }
    read.number(`flux[${i}].grams`, row.grams, FLUX_GRAMS, 'g');
  });
  gases.forEach(({ tare, gross }, i) => {
    const tareKg = tare ? read.massKg(`gases[${i}].tare`, tare, TARE_KG) : 0;
    if (gross && read.massKg(`gases[${i}].gross`, gross, TARE_KG) < tareKg) {
      read.errors.push({ kind: 'refused', field: `gases[${i}].gross`, reason: 'under-its-tare' });
    }
  });
  torch.tips?.forEach((tip, i) => read.number(`torch.tips[${i}]`, tipKw(tip), TIP_KW, 'kW'));
  if (torch.fuelCylinder) read.plainGaugePressure('torch.fuelCylinder.gauge', torch.fuelCylinder.gauge, FUEL_GAUGE_PA);
}

/**
 * A van as it was counted, each filler by its usual name.
 *
 * @param van  rods by designation in either naming [0..999 sticks], each filler in one rod; the torch's fuel; the nitrogen cylinder's water
 *             volume [0.1..100 L] and pressure [0..320 bar]; its tips [0.2..60 kW] and fuel cylinder [0..30 bar gauge]; flux by class [0..20 kg]; instruments, and cylinders
 *             for gas and for what is recovered [tare 0.1..1000 kg]
 * @returns    the same with designations as the tables write them; refused by field: a filler nobody knows, one that stands twice, a part
 *             of a stick, a figure outside its range
 */
export function readVan(van: VanCount): Result<VanCount> {
  const read = new FieldReader();
  const fillers = van.fillers.map((row, i) => {
    const at = `fillers[${i}]`;
    const filler = findFiller(row.designation);
    if (!filler) {
      const allowed = FILLERS.map((known) => known.designation);
      read.errors.push({ kind: 'unknown-word', field: `${at}.designation`, word: row.designation, allowed });
    }
    if (filler && van.fillers.slice(0, i).some((before) => findFiller(before.designation) === filler)) {
      read.errors.push({ kind: 'refused', field: `${at}.designation`, reason: 'given-twice', value: filler.designation });
    }
    read.number(`${at}.count`, Number.isInteger(row.count) ? row.count : Number.POSITIVE_INFINITY, STICKS, 'sticks');
    resolveRod(`${at}.rod`, row.rod, read);
    return { ...row, designation: filler?.designation ?? row.designation };
  });
  (van.instruments ?? []).forEach(({ resolution, range, offK }, i) => {
    if (range) read.pressureDifferencePa(`instruments[${i}].range`, range, RANGE_PA);
    if (resolution) read.pressureDifferencePa(`instruments[${i}].resolution`, resolution, STEP_PA);
    if (offK !== undefined) read.number(`instruments[${i}].offK`, offK, OFF_K, 'K');
  });
  readConsumables(van, read);
  (van.recovery ?? []).forEach(({ tare, water }, i) => {
    read.massKg(`recovery[${i}].tare`, tare, TARE_KG);
    if (water) read.massKg(`recovery[${i}].water`, water, TARE_KG);
  });
  read.volumeM3('cylinder.waterVolume', van.cylinder.waterVolume, WATER_M3);
  read.absolutePressure('cylinder.pressure', van.cylinder.pressure, PRESSURE_PA);
  return read.errors.length > 0 ? fail(...read.errors) : ok({ ...van, fillers });
}

/**
 * What a cylinder's gauge says, in whatever unit it was counted.
 *
 * @param cylinder  as `readVan` accepted it
 * @returns         [Pa gauge] at sea level
 */
export const cylinderGauge = ({ pressure }: VanCount['cylinder']): GaugePascals =>
  gaugeFromAbsolute(new FieldReader().absolutePressure('cylinder.pressure', pressure, PRESSURE_PA), SEA_LEVEL);
