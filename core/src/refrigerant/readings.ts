import { fail, ok, type Result } from '../result';
import { FieldReader } from '../unit/fieldReader';
import type { Quantity } from '../unit/units';
import { readRefrigerant, type Saturation } from './saturation';

export const METERING = ['valve', 'fixed', 'capillary'] as const;
export type Metering = (typeof METERING)[number];

interface SideReading {
  readonly pressure: Quantity;
  readonly line: Quantity;
}

export interface ReadingsRequest {
  readonly atmosphere?: Quantity;
  readonly altitude?: Quantity;
  readonly refrigerant: string;
  readonly metering: Metering;
  readonly suction?: SideReading;
  readonly liquid?: SideReading;
  readonly target?: { readonly subcooling?: Quantity; readonly superheat?: Quantity; readonly window?: Quantity };
  readonly room?: Quantity;
  readonly indoorWetBulb?: Quantity;
  readonly outdoor?: Quantity;
}

export type PointerCode =
  | 'short'
  | 'restriction'
  | 'short-or-restriction'
  | 'too-much'
  | 'overfeed'
  | 'little-air'
  | 'high-head'
  | 'weak-compressor'
  | 'weigh'
  | 'settling';

/** Where readings point: advice, never a verdict. */
export interface Readings {
  readonly superheatK: number | null;
  readonly subcoolingK: number | null;
  readonly evaporatingC: number | null;
  readonly condensingC: number | null;
  readonly targetSuperheatK: number | null;
  readonly pointers: readonly PointerCode[];
}

const VALVE_SUPERHEAT_K = { min: 4, max: 12 } as const;
/** Where the plate says nothing: trade habit. */
const USUAL_SUBCOOLING_K = { min: 3, max: 10 } as const;
const SUBCOOLING_WINDOW_K = 3 / 1.8;
const SUPERHEAT_WINDOW_K = 5 / 1.8;
/** Under this a fixed orifice is charged by weight [°F]. */
const LEAST_TARGET_F = 5;
/** Milder than this outdoors readings say little [°C]. Trade habit: 55 °F. */
const MILD_C = 13;
/** Usual distances of evaporating and condensing temperature from room and outdoors [K]: wide, so that only plain cases point. */
const EVAPORATING_FAR_UNDER_ROOM_K = 27;
const EVAPORATING_CLOSE_UNDER_ROOM_K = 5;
const CONDENSING_CLOSE_OVER_OUTDOOR_K = 5;
const CONDENSING_FAR_OVER_OUTDOOR_K = 20;
/** A negative superheat or subcooling cannot last: the machine, or the thermometer, has not settled. */
const IMPOSSIBLE_K = -1;

type Level = 'low' | 'normal' | 'high' | null;
interface Window {
  readonly min: number;
  readonly max: number;
}

const levelOf = (value: number | null, window: Window | null): Level =>
  value === null || window === null ? null : value < window.min ? 'low' : value > window.max ? 'high' : 'normal';

/** Null where either is not known. */
const minus = (a: number | null, b: number | null): number | null => (a === null || b === null ? null : a - b);

const fahrenheit = (celsius: number) => celsius * 1.8 + 32;

/** Superheat a fixed orifice should show: (3 WB - 80 - DB) / 2 in °F, a trade rule [K]; null without both temperatures. */
export function fixedOrificeSuperheatK(indoorWetBulbC: number | null, outdoorC: number | null): number | null {
  if (indoorWetBulbC === null || outdoorC === null) return null;
  return (3 * fahrenheit(indoorWetBulbC) - 80 - fahrenheit(outdoorC)) / 2 / 1.8;
}

/** One side as it was read: its pressure and the temperature of its line. */
interface Side {
  readonly pa: number;
  readonly lineC: number;
}

interface Given {
  readonly metering: Metering;
  readonly suction: Side | null;
  readonly liquid: Side | null;
  readonly roomC: number | null;
  readonly wetBulbC: number | null;
  readonly outdoorC: number | null;
  readonly superheatK: number | null;
  readonly subcoolingK: number | null;
  readonly windowK: number | null;
}

function readGiven(request: ReadingsRequest, fluid: Saturation, read: FieldReader): Given {
  const range = { min: fluid.bubblePa(fluid.rangeC.min), max: fluid.dewPa(fluid.rangeC.max) };
  const celsius = (field: string, q: Quantity | undefined, [min, max]: readonly [number, number]) =>
    q ? read.temperatureC(field, q, { min, max }) : null;
  const kelvin = (field: string, q: Quantity | undefined) => (q ? read.temperatureDifferenceK(field, q, { min: 0, max: 60 }) : null);
  const side = (name: 'suction' | 'liquid', given: SideReading | undefined): Side | null =>
    given
      ? {
          pa: read.absolutePressure(`${name}.pressure`, given.pressure, range),
          lineC: read.temperatureC(`${name}.line`, given.line, { min: -80, max: 120 }),
        }
      : null;
  return {
    metering: request.metering,
    suction: side('suction', request.suction),
    liquid: side('liquid', request.liquid),
    roomC: celsius('room', request.room, [-60, 60]),
    wetBulbC: celsius('indoorWetBulb', request.indoorWetBulb, [-10, 40]),
    outdoorC: celsius('outdoor', request.outdoor, [-50, 60]),
    superheatK: kelvin('target.superheat', request.target?.superheat),
    subcoolingK: kelvin('target.subcooling', request.target?.subcooling),
    windowK: kelvin('target.window', request.target?.window),
  };
}

/**
 * What gauge and thermometer point to.
 *
 * @param request  suction and liquid pressures with their line temperatures, the metering device, targets where the plate gives them
 * @returns        superheat from the dew point, subcooling from the bubble point [K]; codes of what they point to, none when all is inside its window
 * @accuracy       windows are trade habit where the plate gives none; advice, never a verdict
 */
export function readings(request: ReadingsRequest): Result<Readings> {
  const read = new FieldReader();
  read.readAtmosphere(request);
  const fluid = readRefrigerant(request.refrigerant, read);
  if (!METERING.includes(request.metering)) {
    read.errors.push({ kind: 'unknown-word', field: 'metering', word: request.metering, allowed: METERING });
  }
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
  const ruleK = given.metering === 'fixed' ? fixedOrificeSuperheatK(given.wetBulbC, given.outdoorC) : null;
  const isTooSmall = ruleK !== null && ruleK * 1.8 < LEAST_TARGET_F;
  const targetSuperheatK = given.superheatK ?? (isTooSmall ? null : ruleK);
  const facts = {
    superheatK: suction && minus(suction.lineC, evaporatingC),
    subcoolingK: liquid && minus(condensingC, liquid.lineC),
    evaporatingC,
    condensingC,
    targetSuperheatK,
  };
  return ok({ ...facts, pointers: pointersOf(facts, given, isTooSmall && given.superheatK === null) });
}

function superheatWindow(given: Given, target: number | null): Window | null {
  const half = given.windowK ?? SUPERHEAT_WINDOW_K;
  if (target !== null) return { min: target - half, max: target + half };
  return given.metering === 'valve' ? VALVE_SUPERHEAT_K : null;
}

function subcoolingWindow(given: Given): Window {
  if (given.subcoolingK === null) return USUAL_SUBCOOLING_K;
  const half = given.windowK ?? SUBCOOLING_WINDOW_K;
  return { min: given.subcoolingK - half, max: given.subcoolingK + half };
}

/** What superheat and subcooling say together; one of them alone says less. */
function together(superheat: Level, subcooling: Level, metering: Metering): PointerCode | null {
  if (superheat === 'high') return subcooling === 'low' ? 'short' : subcooling === 'high' ? 'restriction' : 'short-or-restriction';
  if (superheat === 'low') return subcooling === 'high' ? 'too-much' : 'overfeed';
  // A valve holds its superheat over a wide range of charge: then the subcooling alone tells.
  if (superheat !== 'normal' || metering !== 'valve') return null;
  return subcooling === 'high' ? 'too-much' : subcooling === 'low' ? 'short' : null;
}

function pointersOf(facts: Omit<Readings, 'pointers'>, given: Given, targetTooSmall: boolean): readonly PointerCode[] {
  const superheat = levelOf(facts.superheatK, superheatWindow(given, facts.targetSuperheatK));
  const subcooling = levelOf(facts.subcoolingK, subcoolingWindow(given));
  const pointers: PointerCode[] = [];
  const add = (applies: boolean, code: PointerCode) => applies && !pointers.includes(code) && pointers.push(code);
  const main = together(superheat, subcooling, given.metering);
  if (main) pointers.push(main);
  const underRoomK = minus(given.roomC, facts.evaporatingC);
  const overOutdoorK = minus(facts.condensingC, given.outdoorC);
  const lowSuction = (underRoomK ?? 0) > EVAPORATING_FAR_UNDER_ROOM_K;
  add(lowSuction && (superheat === 'normal' || (given.metering === 'fixed' && main === 'too-much')), 'little-air');
  add((overOutdoorK ?? 0) > CONDENSING_FAR_OVER_OUTDOOR_K, 'high-head');
  const highSuction = (underRoomK ?? Infinity) < EVAPORATING_CLOSE_UNDER_ROOM_K;
  add(highSuction && (overOutdoorK ?? Infinity) < CONDENSING_CLOSE_OVER_OUTDOOR_K, 'weak-compressor');
  const off = pointers.length > 0 || [superheat, subcooling].some((level) => level === 'low' || level === 'high');
  add(targetTooSmall || (given.metering === 'capillary' && off), 'weigh');
  const impossible = [facts.superheatK, facts.subcoolingK].some((k) => (k ?? 0) < IMPOSSIBLE_K);
  add(impossible || (off && (given.outdoorC ?? MILD_C) < MILD_C), 'settling');
  return pointers;
}
