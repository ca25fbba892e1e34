import { ABSOLUTE_PRESSURE_UNITS } from '../unit/units';

/** A micron of mercury [Pa]. */
export const MICRON_PA = ABSOLUTE_PRESSURE_UNITS.micron;

/** [micron] -> [Pa]. */
export const micronPa = (micron: number): number => micron * MICRON_PA;
/** [Pa] -> [micron]. */
export const micronOf = (pa: number): number => pa / MICRON_PA;
/** [Pa/s] -> [micron/min]. */
export const micronPerMin = (paPerS: number): number => (paPerS * 60) / MICRON_PA;
/** [micron/min] -> [Pa/s]. */
export const paPerS = (micronPerMinute: number): number => (micronPerMinute * MICRON_PA) / 60;
