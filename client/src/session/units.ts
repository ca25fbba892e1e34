import { METRIC_PREFERENCES, type UnitPreferences } from '@kesto/core/unit';
import { useMe } from './useMe';

/** Units the signed-in person reads in. */
export function useUnits(): UnitPreferences {
  return useMe()?.units ?? METRIC_PREFERENCES;
}

export const bareLengthUnit = (units: UnitPreferences) => (units.length === 'metric' ? 'mm' : 'in');

export function unitWords(units: UnitPreferences): string {
  return `${bareLengthUnit(units)} · °${units.temperature} · ${units.pressure}`;
}
