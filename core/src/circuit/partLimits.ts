import type { CalcError } from '../errors';
import { FieldReader } from '../unit/fieldReader';
import type { CircuitPart } from './graph';

/** What a part may be said to bear [Pa gauge]. */
export const LIMIT_PA = { min: 1000, max: 20e6 } as const;

/**
 * What is wrong with a part's limits as they were typed.
 *
 * @param limits  working pressure, the maker's test pressure, what a relief valve is set to: all gauge, 1 kPa to 20 MPa
 * @returns       one error a field (`pressure`, `test`, `relief`): out of range, or a bar that may be gauge or absolute
 * @source        plates say gauge; the range holds carbon dioxide's high side
 */
export function limitErrors(limits: NonNullable<CircuitPart['limits']>): readonly CalcError[] {
  const read = new FieldReader();
  for (const [field, value] of Object.entries(limits)) if (value) read.plainGaugePressure(field, value, LIMIT_PA);
  return read.errors;
}
