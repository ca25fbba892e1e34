import type { UnitPreferences } from '@kesto/core';
import type { FieldSpec } from './fields';

/** The person's own unit first. */
const ownFirst = (own: string, all: readonly string[]): readonly string[] => [own, ...all.filter((unit) => unit !== own)];

/** Units a figure of this kind is typed in, the person's own first; none where letters and fractions are typed. */
export function unitsFor(kind: FieldSpec['kind'], units: UnitPreferences): readonly string[] {
  switch (kind) {
    case 'pressure':
      return ownFirst(units.pressure, ['kPa', 'bar', 'psig']);
    case 'temperature':
      return ownFirst(`°${units.temperature}`, ['°C', '°F']);
    case 'mass':
      return units.mass === 'kg' ? ['kg', 'g', 'lb'] : ['lb', 'oz', 'kg'];
    case 'minutes':
      return ['min', 'h'];
    case 'volume':
      return ['L', 'ft3'];
    case 'flow':
      return units.length === 'metric' ? ['L/min', 'scfh'] : ['scfh', 'L/min'];
    case 'vacuum':
      return ownFirst(units.vacuum, ['Pa', 'micron', 'mbar']);
    case 'pump-speed':
      return units.length === 'metric' ? ['m3/h', 'cfm'] : ['cfm', 'm3/h'];
    case 'water-flow':
      return units.length === 'metric' ? ['L/min', 'L/s', 'gpm'] : ['gpm', 'L/min'];
    case 'drop':
      return units.length === 'metric' ? ['kPa', 'bar', 'psi'] : ['psi', 'kPa'];
    case 'number':
      return [''];
    default:
      return [];
  }
}

/** What a keypad of digits lacks for a figure of this kind: a minus, or the letters between two units. */
export const keypadFor = (kind: FieldSpec['kind'], { mass }: UnitPreferences): { readonly signed: boolean; readonly letters: boolean } => ({
  signed: kind === 'pressure' || kind === 'temperature',
  letters: kind === 'minutes' || (kind === 'mass' && mass !== 'kg'),
});
