import type { OrificeTarget } from './fixedOrifice';
import type { Given, Readings } from './readings';
import { windowsOf, type Window } from './windows';

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
const levelOf = (value: number | null, window: Window | null): Level =>
  value === null || window === null ? null : value < window.min ? 'low' : value > window.max ? 'high' : 'normal';

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
  const windows = windowsOf(given, facts.targetSuperheatK);
  const superheat = levelOf(facts.superheatK, windows.superheatK);
  const subcooling = levelOf(facts.subcoolingK, windows.subcoolingK);
  const evaporating = levelOf(facts.evaporatingC, windows.evaporatingC);
  const head = levelOf(facts.condensingC, windows.condensingC);
  const isOff = [superheat, subcooling].some((level) => level === 'low' || level === 'high');
  const main = together(superheat, subcooling, given);
  const airIsPoor = superheat === 'normal' || (given.metering === 'fixed' && main === 'too-much');
  const found: PointerCode[] = [
    ...dangers(facts, given),
    ...(main ? [main] : []),
    ...(evaporating === 'low' && airIsPoor ? (['little-air'] as const) : []),
    ...(head === 'high' ? (['high-head'] as const) : []),
    ...(head === 'high' && subcooling === 'high' ? (['too-much', 'non-condensables'] as const) : []),
    ...(evaporating === 'high' && head === 'low' ? (['weak-compressor'] as const) : []),
    ...(rule.instead ? [rule.instead] : []),
  ];
  const impossible = [facts.superheatK, facts.subcoolingK].some((k) => (k ?? 0) < IMPOSSIBLE_K);
  const all = [...found, ...(isOff || found.length > 0 ? weather(facts, given) : []), ...(impossible ? (['settling'] as const) : [])];
  return [...new Set(asAllowed(all, given, isOff))];
}
