import { LENGTH_UNITS, MASS_UNITS, TIME_UNITS, VOLUME_UNITS, type Quantity } from '@kesto/core';

const by =
  (factors: Readonly<Record<string, number>>) =>
  ({ value, unit }: Quantity): number =>
    value * (factors[unit] ?? Number.NaN);

/** A figure that a field has read, in SI. */
export const massKg = by(MASS_UNITS);
export const timeS = by(TIME_UNITS);
export const lengthM = by(LENGTH_UNITS);
export const volumeM3 = by(VOLUME_UNITS);

const DIFFERENCES: Readonly<Record<string, string>> = { psig: 'psi', barg: 'bar', kPag: 'kPa' };
/** A step of a gauge is typed as a pressure and meant as a difference. */
export const asDifference = ({ value, unit }: Quantity): Quantity => ({ value, unit: DIFFERENCES[unit] ?? unit });
