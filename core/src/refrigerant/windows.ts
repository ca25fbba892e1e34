import type { Given } from './readings';

/** By where the line's warmth is read [K]. Trade habit. */
const VALVE_SUPERHEAT_K = { evaporator: { min: 4, max: 12 }, compressor: { min: 6, max: 20 } } as const;
/** Where the plate says nothing: trade habit. */
const USUAL_SUBCOOLING_K = { min: 3, max: 10 } as const;
const SUBCOOLING_WINDOW_K = 3 / 1.8;
const SUPERHEAT_WINDOW_K = 5 / 1.8;

/** From the least to the most that is usual. */
export interface Window {
  readonly min: number;
  readonly max: number;
}

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

function underCooled({ mode, application, usualDifferenceK }: Given): { readonly far: number; readonly close: number } | null {
  if (usualDifferenceK !== null) return { far: OF_USUAL.far * usualDifferenceK, close: OF_USUAL.close * usualDifferenceK };
  if (application === 'chiller' || application === 'water-source') return null;
  return UNDER_COOLED_K[mode === 'heating' ? 'heating' : application];
}

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

/** What is usual for a machine that runs as this one does; null where it cannot be told. */
export interface ReadingWindows {
  readonly superheatK: Window | null;
  readonly subcoolingK: Window;
  readonly evaporatingC: Window | null;
  readonly condensingC: Window | null;
  /** By the person's own usual difference. */
  readonly evaporatingTargetC: number | null;
}

/**
 * Windows of superheat, subcooling, evaporating and condensing.
 *
 * @source  service practice: superheat by where it is read, subcooling by the plate, evaporating under what is cooled, condensing over what is
 *          heated; trade habit where no plate says it
 */
export function windowsOf(given: Given, targetSuperheatK: number | null): ReadingWindows {
  const { mode, roomC, outdoorC, sinkC, sourceC, usualDifferenceK } = given;
  const cooledC = sourceC ?? (mode === 'heating' ? outdoorC : roomC);
  const heatedC = sinkC ?? (mode === 'heating' ? roomC : outdoorC);
  const under = underCooled(given);
  const most = OVER_HEATED_K[sinkC !== null ? 'water' : mode === 'heating' ? 'room' : 'outdoor'];
  return {
    superheatK: superheatWindow(given, targetSuperheatK),
    subcoolingK: subcoolingWindow(given),
    evaporatingC: cooledC === null || under === null ? null : { min: cooledC - under.far, max: cooledC - under.close },
    condensingC: heatedC === null ? null : { min: heatedC + CLOSE_OVER_HEATED_K, max: heatedC + most },
    evaporatingTargetC: cooledC === null || usualDifferenceK === null ? null : cooledC - usualDifferenceK,
  };
}
