import { FILLERS, findFiller } from '../filler/fillers';
import type { PurgeRequest } from '../purge/request';
import { fail, ok, type Result } from '../result';
import { resolveRod } from '../rod/rods';
import { FieldReader } from '../unit/fieldReader';
import { gaugeFromAbsolute, SEA_LEVEL, type GaugePascals, type Quantity } from '../unit/units';
import type { Fuel, Rod } from '../vocabulary/torch';

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

export interface VanCount {
  readonly fillers: readonly { readonly designation: string; readonly rod: Rod; readonly count: number; readonly lot?: string }[];
  readonly instruments?: readonly Instrument[];
  readonly recovery?: readonly RecoveryCylinder[];
  readonly torch: { readonly fuel: Fuel };
  readonly cylinder: NonNullable<PurgeRequest['cylinder']>;
}

const STICKS = { min: 0, max: 999 } as const;
const WATER_M3 = { min: 0.0001, max: 0.1 } as const;
const STEP_PA = { min: 0, max: 1e6 } as const;
const OFF_K = { min: 0, max: 20 } as const;
const TARE_KG = { min: 0.1, max: 1000 } as const;
const PRESSURE_PA = { min: 0, max: 32e6 } as const;

/**
 * A van as it was counted, each filler by its usual name.
 *
 * @param van  rods by designation in either naming [0..999 sticks], each filler in one rod; the torch's fuel; the nitrogen cylinder's water
 *             volume [0.1..100 L] and pressure [0..320 bar]; instruments, and cylinders for what is recovered [tare 0.1..1000 kg]
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
      read.errors.push({ kind: 'refused', field: `${at}.designation`, reason: 'stands-twice', value: filler.designation });
    }
    read.number(`${at}.count`, Number.isInteger(row.count) ? row.count : Number.POSITIVE_INFINITY, STICKS, 'sticks');
    resolveRod(`${at}.rod`, row.rod, read);
    return { ...row, designation: filler?.designation ?? row.designation };
  });
  (van.instruments ?? []).forEach(({ resolution, offK }, i) => {
    if (resolution) read.pressureDifferencePa(`instruments[${i}].resolution`, resolution, STEP_PA);
    if (offK !== undefined) read.number(`instruments[${i}].offK`, offK, OFF_K, 'K');
  });
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
