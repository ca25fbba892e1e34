import type { LiveQuantity } from '@kesto/core';
import {
  formatFlow,
  formatGaugePressure,
  formatMass,
  formatNumber,
  formatTemperature,
  formatVacuum,
  gaugePascals,
  readingText,
  type UnitPreferences,
} from '@kesto/core/unit';

const LITRES_A_MIN = 60_000;

/** A figure of an instrument, in the person's units; it comes in the unit of its quantity. */
const TEXTS: { readonly [Q in LiveQuantity]: (value: number, units: UnitPreferences) => string } = {
  'gauge-pressure': (kpa, units) => readingText(formatGaugePressure(gaugePascals(kpa * 1000), units)),
  'pipe-temperature': (celsius, units) => readingText(formatTemperature(celsius, units, 1)),
  vacuum: (pa, units) => readingText(formatVacuum(pa, units)),
  mass: (grams, units) => readingText(formatMass(grams / 1000, units)),
  flow: (litresAMin, units) => readingText(formatFlow(litresAMin / LITRES_A_MIN, units)),
  oxygen: (percent) => `oxygen ${formatNumber(percent, percent < 1 ? 2 : 1)}\u00a0%`,
  'carbon-dioxide': (percent) => `carbon dioxide ${formatNumber(percent, 2)}\u00a0%`,
};

/** All that an instrument said last, in one line. */
export const lastText = (last: readonly { readonly quantity: LiveQuantity; readonly value: number }[], units: UnitPreferences): string =>
  last.map(({ quantity, value }) => TEXTS[quantity](value, units)).join(', ');
