import { LENGTH_UNITS, type CircuitLink } from '@kesto/core';
import { formatDistance, formatLength, readingText, tradeFraction, type UnitPreferences } from '@kesto/core/unit';

const metres = ({ value, unit }: { readonly value: number; readonly unit: string }): number =>
  value * ((LENGTH_UNITS as Readonly<Record<string, number>>)[unit] ?? Number.NaN); // cast: an unknown unit finds nothing

/** Outside of a tube as the trade says it: a fraction where it is one. */
export function outsideText(tube: NonNullable<CircuitLink['tube']>, units: UnitPreferences): string {
  const fraction = tradeFraction(metres(tube.od));
  return fraction && tube.od.unit === 'in' ? `${fraction} in` : readingText(formatLength(metres(tube.od), units));
}

/** An assumed length of less than this [m] is not worth its place on the drawing. */
const WORTH_SHOWING_M = 3;

/** Outside and length, as they stand beside the tube, starred where it is assumed; empty where its length is not known. */
export function tubeText({ tube }: CircuitLink, units: UnitPreferences): string {
  if (!tube?.length || (tube.lengthAssumed && metres(tube.length) < WORTH_SHOWING_M)) return '';
  const length = readingText(formatDistance(metres(tube.length), units)).replace('.0 ', ' ');
  return `${outsideText(tube, units)}, ${length}${tube.lengthAssumed ? ' *' : ''}`;
}
