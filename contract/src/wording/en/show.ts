import {
  formatDuration,
  formatGaugePressure,
  formatLength,
  formatMass,
  formatOnRule,
  formatTemperature,
  gaugePascals,
  METRIC_PREFERENCES,
  readingText,
  type UnitPreferences,
} from '@kesto/core';

export type Values = Readonly<Record<string, number | string>>;

/** Turns the figures of a reason into one person's units. */
export interface Show {
  readonly celsius: (value: number) => string;
  readonly gap: (mm: number) => string;
  /** As read off a rule. */
  readonly length: (m: number) => string;
  /** As it is paced: metres or feet. */
  readonly distance: (m: number) => string;
  readonly pressure: (gaugePa: number) => string;
  /** Of a few millibar, as it is felt at an open end. */
  readonly smallPressure: (gaugePa: number) => string;
  readonly mass: (kg: number) => string;
  /** Seconds as a stopwatch shows them. */
  readonly duration: (seconds: number) => string;
}

export function showIn(prefs: UnitPreferences): Show {
  return {
    celsius: (value) => readingText(formatTemperature(value, prefs)),
    gap: (mm) => readingText(formatLength(mm / 1000, prefs, 2)),
    length: (m) => readingText(formatOnRule(m, prefs)),
    distance: (m) => (prefs.length === 'inch' ? `${Math.ceil(m / FOOT_M)} ft` : `${Number((Math.ceil(m * 10) / 10).toFixed(1))} m`),
    pressure: (gaugePa) => readingText(formatGaugePressure(gaugePascals(gaugePa), prefs)),
    smallPressure: (gaugePa) =>
      prefs.pressure === 'psig' ? `${(gaugePa / INCH_OF_WATER_PA).toFixed(1)} in. w.c.` : `${(gaugePa / 100).toFixed(1)} mbar`,
    mass: (kg) => readingText(formatMass(kg, prefs)),
    duration: (seconds) => (seconds < 90 ? `${Math.ceil(seconds / 5) * 5} s` : readingText(formatDuration(seconds))),
  };
}

const FOOT_M = 0.3048;
const INCH_OF_WATER_PA = 249.089;

/** A kind of part as the trade says it. */
export const partName = (kind: string): string => PART_NAMES[kind] ?? kind.replaceAll('-', ' ');

const PART_NAMES: Readonly<Record<string, string>> = {
  core: 'Schrader core',
  coil: 'solenoid coil',
  'soft-solder-joint': 'soft-solder joint',
  'brazed-joint': 'brazed joint',
  sprinkler: 'sprinkler head',
  detector: 'heat or smoke detector',
};

export const METRIC_SHOW = showIn(METRIC_PREFERENCES);

export const num = (values: Values | undefined, key: string): number => Number(values?.[key] ?? Number.NaN);
export const str = (values: Values | undefined, key: string): string => String(values?.[key] ?? '');
