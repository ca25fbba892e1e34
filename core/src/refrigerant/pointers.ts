import type { OrificeTarget } from './fixedOrifice';
import type { Given, Readings } from './readings';

export type PointerCode =
  | 'short'
  | 'restriction'
  | 'short-or-restriction'
  | 'too-much'
  | 'non-condensables'
  | 'overfeed'
  | 'floodback'
  | 'hot-discharge'
  | 'little-air'
  | 'high-head'
  | 'weak-compressor'
  | 'airflow-first'
  | 'critical-charge'
  | 'weigh'
  | 'mild'
  | 'settling';

type Facts = Omit<Readings, 'pointers' | 'cautions'>;

/** By where the line's warmth is read [K]. Trade habit. */
const VALVE_SUPERHEAT_K = { evaporator: { min: 4, max: 12 }, compressor: { min: 6, max: 20 } } as const;
/** Where the plate says nothing: trade habit. */
const USUAL_SUBCOOLING_K = { min: 3, max: 10 } as const;
const SUBCOOLING_WINDOW_K = 3 / 1.8;
const SUPERHEAT_WINDOW_K = 5 / 1.8;
/** Liquid goes back to the compressor under this at its inlet, and under that anywhere [K]. Trade habit. */
const FLOODBACK_K = { compressor: 3, anywhere: 1 } as const;
/** Oil breaks down above this 150 mm from the compressor [°C]: 225 °F. Trade habit; of carbon dioxide only its maker's limit is known. */
export const HOT_DISCHARGE_C = 107;
/** Milder than this outdoors readings say little, hotter than that as well [°C]. Trade habit: 65, 55 and 115 °F. */
const MILD_C = { subcooling: 18, superheat: 13 } as const;
const HOT_C = 46;
/** A negative superheat or subcooling cannot last: the machine, or the thermometer, has not settled. */
const IMPOSSIBLE_K = -1;

type Level = 'low' | 'normal' | 'high' | null;
interface Window {
  readonly min: number;
  readonly max: number;
}

const levelOf = (value: number | null, window: Window | null): Level =>
  value === null || window === null ? null : value < window.min ? 'low' : value > window.max ? 'high' : 'normal';

/** How far evaporating stands under what is cooled: low suction beyond `far`, high suction within `close` [K]. Trade habit: wide, so that only plain cases point. */
const UNDER_COOLED_K = {
  'air-conditioning': { far: 27, close: 5 },
  'cold-room': { far: 14, close: 3 },
  freezer: { far: 12, close: 3 },
  heating: { far: 24, close: 2.4 },
} as const;
const OF_USUAL = { far: 2, close: 0.4 } as const;
/** How far condensing stands over what is heated [K]: outdoor air, a room, leaving water. */
const OVER_HEATED_K = { outdoor: 20, room: 30, water: 8 } as const;
const CLOSE_OVER_HEATED_K = 5;

const minus = (a: number | null, b: number | null): number | null => (a === null || b === null ? null : a - b);

function underCooled({ mode, application, usualDifferenceK }: Given): { readonly far: number; readonly close: number } | null {
  if (usualDifferenceK !== null) return { far: OF_USUAL.far * usualDifferenceK, close: OF_USUAL.close * usualDifferenceK };
  if (application === 'chiller' || application === 'water-source') return null;
  return UNDER_COOLED_K[mode === 'heating' ? 'heating' : application];
}

/** How suction and head stand against what is cooled and what is heated; null where that was not read. */
function pressuresOf(facts: Facts, given: Given) {
  const { mode, roomC, outdoorC, sinkC, sourceC } = given;
  const cooledC = sourceC ?? (mode === 'heating' ? outdoorC : roomC);
  const heatedC = sinkC ?? (mode === 'heating' ? roomC : outdoorC);
  const usual = underCooled(given);
  const far = OVER_HEATED_K[sinkC !== null ? 'water' : mode === 'heating' ? 'room' : 'outdoor'];
  return {
    suction: flipped(levelOf(minus(cooledC, facts.evaporatingC), usual && { min: usual.close, max: usual.far })),
    head: levelOf(minus(facts.condensingC, heatedC), { min: CLOSE_OVER_HEATED_K, max: far }),
  };
}

/** Far under what is cooled is a low suction. */
const flipped = (level: Level): Level => (level === 'high' ? 'low' : level === 'low' ? 'high' : level);

function superheatWindow(given: Given, target: number | null): Window | null {
  const half = given.windowK ?? SUPERHEAT_WINDOW_K;
  if (target !== null) return { min: target - half, max: target + half };
  return given.metering === 'valve' ? VALVE_SUPERHEAT_K[given.suctionAt] : null;
}

function subcoolingWindow(given: Given): Window {
  if (given.subcoolingK === null) return USUAL_SUBCOOLING_K;
  const half = given.windowK ?? SUBCOOLING_WINDOW_K;
  return { min: given.subcoolingK - half, max: given.subcoolingK + half };
}

/** What superheat and subcooling say together; one of them alone says less. */
function together(superheat: Level, subcooling: Level, { metering, hasReceiver }: Given): PointerCode | null {
  if (superheat === 'high') return subcooling === 'low' ? 'short' : subcooling === 'high' ? 'restriction' : 'short-or-restriction';
  if (superheat === 'low') return subcooling === 'high' ? 'too-much' : 'overfeed';
  // A valve holds its superheat over a wide range of charge: then the subcooling alone tells, but not behind a receiver, which gives what it has.
  if (superheat !== 'normal' || metering !== 'valve') return null;
  return subcooling === 'high' ? 'too-much' : subcooling === 'low' && !hasReceiver ? 'short' : null;
}

/** Of a critical charge no readings are made anything of: it is weighed. */
const OF_CHARGE: readonly PointerCode[] = ['short', 'too-much', 'short-or-restriction', 'overfeed', 'restriction'];
/** By these a charge would be trimmed: a machine that heats is weighed instead. */
const TRIMMED: readonly PointerCode[] = ['short', 'too-much', 'short-or-restriction'];

/** What may be made of readings of this machine: never a trim where it is weighed. */
function asAllowed(found: readonly PointerCode[], { isCritical, mode }: Given, isOff: boolean): readonly PointerCode[] {
  const barred = isCritical ? OF_CHARGE : mode === 'heating' ? TRIMMED : [];
  const instead: PointerCode = isCritical ? 'critical-charge' : 'weigh';
  const isBarred = found.some((code) => barred.includes(code)) || (isCritical && isOff);
  return [...found.filter((code) => !barred.includes(code)), ...(isBarred ? [instead] : [])];
}

/** The machine is in danger: said whatever else is so. */
function dangers({ superheatK }: Facts, { suctionAt, dischargeC, isCarbonDioxide }: Given): readonly PointerCode[] {
  const floods = superheatK !== null && superheatK < FLOODBACK_K[suctionAt === 'compressor' ? 'compressor' : 'anywhere'];
  const isHot = dischargeC !== null && !isCarbonDioxide && dischargeC > HOT_DISCHARGE_C;
  return [...(floods ? (['floodback'] as const) : []), ...(isHot ? (['hot-discharge'] as const) : [])];
}

/** In cooling, how much the weather leaves of what was read. */
function weather({ superheatK, subcoolingK }: Facts, { mode, outdoorC }: Given): readonly PointerCode[] {
  if (mode === 'heating' || outdoorC === null) return [];
  if (outdoorC > HOT_C) return ['weigh'];
  const isMild = (subcoolingK !== null && outdoorC < MILD_C.subcooling) || (superheatK !== null && outdoorC < MILD_C.superheat);
  return isMild ? ['mild'] : [];
}

/**
 * What readings point to, the gravest first.
 *
 * @source  service practice: superheat and subcooling against their windows, evaporating and condensing against what is cooled and heated
 */
export function pointersOf(facts: Facts, given: Given, rule: OrificeTarget): readonly PointerCode[] {
  const superheat = levelOf(facts.superheatK, superheatWindow(given, facts.targetSuperheatK));
  const subcooling = levelOf(facts.subcoolingK, subcoolingWindow(given));
  const { suction, head } = pressuresOf(facts, given);
  const isOff = [superheat, subcooling].some((level) => level === 'low' || level === 'high');
  const main = together(superheat, subcooling, given);
  const airIsPoor = superheat === 'normal' || (given.metering === 'fixed' && main === 'too-much');
  const found: PointerCode[] = [
    ...dangers(facts, given),
    ...(main ? [main] : []),
    ...(suction === 'low' && airIsPoor ? (['little-air'] as const) : []),
    ...(head === 'high' ? (['high-head'] as const) : []),
    ...(head === 'high' && subcooling === 'high' ? (['too-much', 'non-condensables'] as const) : []),
    ...(suction === 'high' && head === 'low' ? (['weak-compressor'] as const) : []),
    ...(rule.instead ? [rule.instead] : []),
  ];
  const impossible = [facts.superheatK, facts.subcoolingK].some((k) => (k ?? 0) < IMPOSSIBLE_K);
  const all = [...found, ...(isOff || found.length > 0 ? weather(facts, given) : []), ...(impossible ? (['settling'] as const) : [])];
  return [...new Set(asAllowed(all, given, isOff))];
}
