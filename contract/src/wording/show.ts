import {
  formatGaugePressure,
  formatLength,
  formatTemperature,
  formatTemperatureDifference,
  gaugePascals,
  METRIC_PREFERENCES,
  readingText,
  type UnitPreferences,
} from '@kesto/core';

export type Values = Readonly<Record<string, number | string>>;

/** Turns the figures of a reason into one person's units. */
export interface Show {
  readonly celsius: (value: number) => string;
  readonly kelvin: (value: number) => string;
  readonly gap: (mm: number) => string;
  readonly length: (m: number) => string;
  readonly pressure: (gaugePa: number) => string;
}

export function showIn(prefs: UnitPreferences): Show {
  return {
    celsius: (value) => readingText(formatTemperature(value, prefs)),
    kelvin: (value) => readingText(formatTemperatureDifference(value, prefs)),
    gap: (mm) => readingText(formatLength(mm / 1000, prefs, 2)),
    length: (m) => readingText(formatLength(m, prefs, prefs.length === 'metric' ? 0 : 1)),
    pressure: (gaugePa) => readingText(formatGaugePressure(gaugePascals(gaugePa), prefs)),
  };
}

export const METRIC_SHOW = showIn(METRIC_PREFERENCES);

export const num = (values: Values | undefined, key: string): number => Number(values?.[key] ?? Number.NaN);
export const str = (values: Values | undefined, key: string): string => String(values?.[key] ?? '');
