import { caution, stopsFirst, type Caution } from '../caution/table';
import { fail, ok, type Result } from '../result';
import { FieldReader } from '../unit/fieldReader';
import type { Quantity } from '../unit/units';
import { HOT_DISCHARGE_C, pointersOf, type PointerCode } from './pointers';
import { fixedOrificeTarget } from './fixedOrifice';
import { isCarbonDioxide, refrigerantName, SAFETY_CLASSES } from './safetyClasses';
import { windowsOf, type ReadingWindows } from './windows';
import { readRefrigerant, readSaturationPressure, type Saturation } from './saturation';

export type { ReadingWindows, Window } from './windows';
export { fixedOrificeSuperheatK } from './fixedOrifice';
export type { PointerCode } from './pointers';

export const METERING = ['valve', 'fixed', 'capillary'] as const;
export type Metering = (typeof METERING)[number];
export const RUN_MODES = ['cooling', 'heating'] as const;
export type RunMode = (typeof RUN_MODES)[number];
export const APPLICATIONS = ['air-conditioning', 'cold-room', 'freezer', 'chiller', 'water-source'] as const;
export type Application = (typeof APPLICATIONS)[number];
/** What a kind of unit cools; what is not said otherwise is air. */
export const applicationOf = (unitKind: string | undefined): Application => (unitKind === 'cold-room' ? 'cold-room' : 'air-conditioning');
/** Where the suction line's warmth is read. */
export const SUCTION_AT = ['evaporator', 'compressor'] as const;
export type SuctionAt = (typeof SUCTION_AT)[number];

interface SideReading {
  readonly pressure: Quantity;
  readonly line: Quantity;
}

export interface ReadingsRequest {
  readonly atmosphere?: Quantity;
  readonly altitude?: Quantity;
  readonly refrigerant: string;
  readonly metering: Metering;
  readonly mode?: RunMode;
  readonly application?: Application;
  readonly receiver?: boolean;
  readonly suction?: SideReading & { readonly at?: SuctionAt };
  readonly liquid?: SideReading;
  readonly discharge?: { readonly line: Quantity };
  readonly target?: { readonly subcooling?: Quantity; readonly superheat?: Quantity; readonly window?: Quantity };
  readonly room?: Quantity;
  readonly indoorWetBulb?: Quantity;
  readonly outdoor?: Quantity;
  /** Water that leaves a condenser. */
  readonly sink?: Quantity;
  /** Water that leaves an evaporator, or that heat is drawn from. */
  readonly source?: Quantity;
  /** The person's own usual distance of evaporating temperature from what it cools. */
  readonly usualDifference?: Quantity;
  readonly charge?: Quantity;
}

/** Where readings point: advice, never a verdict. */
export interface Readings {
  readonly superheatK: number | null;
  readonly subcoolingK: number | null;
  readonly evaporatingC: number | null;
  readonly condensingC: number | null;
  readonly targetSuperheatK: number | null;
  readonly pointers: readonly PointerCode[];
  readonly cautions: readonly Caution[];
}

/** Null where either is not known. */
const minus = (a: number | null, b: number | null): number | null => (a === null || b === null ? null : a - b);

/** One side as it was read: its pressure and the temperature of its line. */
interface Side {
  readonly pa: number;
  readonly lineC: number;
}

/** What was read and what is known of the machine. */
export interface Given {
  readonly metering: Metering;
  readonly mode: RunMode;
  readonly application: Application;
  readonly hasReceiver: boolean;
  readonly suction: Side | null;
  readonly suctionAt: SuctionAt;
  readonly liquid: Side | null;
  readonly dischargeC: number | null;
  readonly roomC: number | null;
  readonly wetBulbC: number | null;
  readonly outdoorC: number | null;
  readonly sinkC: number | null;
  readonly sourceC: number | null;
  readonly usualDifferenceK: number | null;
  readonly superheatK: number | null;
  readonly subcoolingK: number | null;
  readonly windowK: number | null;
  /** Weighed in and never trimmed: a capillary, under 1 kg, or what burns easily. */
  readonly isCritical: boolean;
  readonly isCarbonDioxide: boolean;
}

/** Under this a charge is critical [kg]. Trade habit. */
const CRITICAL_UNDER_KG = 1;
const LINE_C = { min: -80, max: 200 } as const;

function readWord<T extends string>(field: string, word: T, allowed: readonly T[], read: FieldReader): T {
  if (!allowed.includes(word)) read.errors.push({ kind: 'unknown-word', field, word, allowed });
  return word;
}

function isCriticalCharge({ metering, charge, refrigerant }: ReadingsRequest, read: FieldReader): boolean {
  const chargeKg = charge ? read.massKg('charge', charge, { min: 0.001, max: 100_000 }) : CRITICAL_UNDER_KG;
  const safety = SAFETY_CLASSES[refrigerantName(refrigerant) ?? ''];
  return metering === 'capillary' || chargeKg < CRITICAL_UNDER_KG || safety === 'A3';
}

function readGiven(request: ReadingsRequest, fluid: Saturation, read: FieldReader): Given {
  const celsius = (field: string, q: Quantity | undefined, [min, max]: readonly [number, number]) =>
    q ? read.temperatureC(field, q, { min, max }) : null;
  const kelvin = (field: string, q: Quantity | undefined) => (q ? read.temperatureDifferenceK(field, q, { min: 0, max: 60 }) : null);
  const side = (name: 'suction' | 'liquid', given: SideReading | undefined): Side | null =>
    given
      ? {
          pa: readSaturationPressure(`${name}.pressure`, given.pressure, fluid, read),
          lineC: read.temperatureC(`${name}.line`, given.line, { min: -80, max: 120 }),
        }
      : null;
  const { metering, mode = 'cooling', application = 'air-conditioning', target } = request;
  return {
    metering: readWord('metering', metering, METERING, read),
    mode: readWord('mode', mode, RUN_MODES, read),
    application: readWord('application', application, APPLICATIONS, read),
    hasReceiver: request.receiver ?? false,
    suction: side('suction', request.suction),
    suctionAt: readWord('suction.at', request.suction?.at ?? 'evaporator', SUCTION_AT, read),
    liquid: side('liquid', request.liquid),
    dischargeC: request.discharge ? read.temperatureC('discharge.line', request.discharge.line, LINE_C) : null,
    roomC: celsius('room', request.room, [-60, 60]),
    wetBulbC: celsius('indoorWetBulb', request.indoorWetBulb, [-10, 40]),
    outdoorC: celsius('outdoor', request.outdoor, [-50, 60]),
    sinkC: celsius('sink', request.sink, [-30, 90]),
    sourceC: celsius('source', request.source, [-50, 60]),
    usualDifferenceK: kelvin('usualDifference', request.usualDifference),
    superheatK: kelvin('target.superheat', target?.superheat),
    subcoolingK: kelvin('target.subcooling', target?.subcooling),
    windowK: kelvin('target.window', target?.window),
    isCritical: isCriticalCharge(request, read),
    isCarbonDioxide: isCarbonDioxide(refrigerantName(request.refrigerant) ?? null),
  };
}

/**
 * What gauge and thermometer point to.
 *
 * @param request  suction and liquid pressures with their line temperatures, the metering device, how the machine runs and what it cools and
 *                 heats, targets where the plate gives them
 * @returns        superheat from the dew point, subcooling from the bubble point [K]; codes of what they point to, none when all is inside its
 *                 window; cautions where the machine is in danger. Refused: a pressure above the critical point, a suction not below the liquid
 * @accuracy       windows are trade habit where the plate gives none; advice, never a verdict
 */
export function readings(request: ReadingsRequest): Result<Readings> {
  const read = new FieldReader();
  read.readAtmosphere(request);
  const fluid = readRefrigerant(request.refrigerant, read);
  if (!request.suction && !request.liquid) read.errors.push({ kind: 'missing', field: 'suction', needed: 'a-reading' });
  if (!fluid) return fail(...read.errors);
  const given = readGiven(request, fluid, read);
  const { suction, liquid } = given;
  if (suction && liquid && suction.pa >= liquid.pa) {
    read.errors.push({ kind: 'refused', field: 'suction.pressure', reason: 'suction-not-below-liquid' });
  }
  if (read.errors.length > 0) return fail(...read.errors);
  const evaporatingC = suction && fluid.dewC(suction.pa);
  const condensingC = liquid && fluid.bubbleC(liquid.pa);
  const rule = fixedOrificeTarget(given);
  const facts = {
    superheatK: suction && minus(suction.lineC, evaporatingC),
    subcoolingK: liquid && minus(condensingC, liquid.lineC),
    evaporatingC,
    condensingC,
    targetSuperheatK: given.superheatK ?? rule.targetK,
  };
  const pointers = pointersOf(facts, given, rule);
  return ok({ ...facts, pointers, cautions: cautionsOf(pointers) });
}

/**
 * What would be usual for this machine in this weather, beside what was read.
 *
 * @param request  as for `readings`
 * @returns        windows [K, °C], null where what they hang on was not said. Refused: what `readings` refuses
 * @accuracy       trade habit where the plate gives none: advice
 */
export function usualReadings(request: ReadingsRequest): Result<ReadingWindows> {
  const read = new FieldReader();
  read.readAtmosphere(request);
  const fluid = readRefrigerant(request.refrigerant, read);
  if (!fluid) return fail(...read.errors);
  const given = readGiven(request, fluid, read);
  if (read.errors.length > 0) return fail(...read.errors);
  return ok(windowsOf(given, given.superheatK ?? fixedOrificeTarget(given).targetK));
}

const cautionsOf = (pointers: readonly PointerCode[]): readonly Caution[] =>
  stopsFirst([
    ...(pointers.includes('floodback') ? [caution('floodback')] : []),
    ...(pointers.includes('hot-discharge') ? [caution('hot-discharge', { limitC: HOT_DISCHARGE_C })] : []),
  ]);
