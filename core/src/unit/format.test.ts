import fc from 'fast-check';
import {
  formatDistance,
  formatDuration,
  formatFlow,
  formatGaugePressure,
  formatGrams,
  formatLength,
  formatMass,
  formatNumber,
  formatOnRule,
  formatTemperature,
  formatTemperatureDifference,
  formatYearlyLoss,
  INCH_PREFERENCES as INCH,
  METRIC_PREFERENCES as METRIC,
  readingText,
  tradeFraction,
} from './format';
import { parseGaugePressure, parseLength, parseMass, parseTemperature } from './parse';
import { gaugePascals, LENGTH_UNITS, MASS_UNITS } from './units';

const text = readingText;

test.each([
  ['7/8 in tube, metric', text(formatLength(0.875 * 0.0254, METRIC)), '22.2 mm'],
  ['7/8 in tube, inch', text(formatLength(0.875 * 0.0254, INCH)), '0.875 in'],
  ['gap, inch', text(formatLength(0.00005, INCH, 2)), '0.0020 in'],
  ['brazing, °F', text(formatTemperature(704, INCH)), '1299 °F'],
  ['cold room', text(formatTemperature(-18, METRIC)), '−18 °C'],
  ['no minus zero', formatNumber(-0.04, 1), '0.0'],
  ['psig', text(formatGaugePressure(gaugePascals(3.41e6), INCH)), '495 psig'],
  ['kPa', text(formatGaugePressure(gaugePascals(3.41e6), METRIC)), '3410 kPag'],
  ['trickle, scfh', text(formatFlow(5 * (0.028316846592 / 3600), INCH)), '5.0 scfh'],
  ['short time', text(formatDuration(34)), '34 s'],
  ['long time', text(formatDuration(118)), '1:58 min'],
  ['grams', text(formatMass(0.0011, METRIC)), '1.1 g'],
  ['a hundred grams are a tenth of a kilogram', text(formatMass(0.1, METRIC)), '0.10 kg'],
  ['pounds in thousandths', text(formatMass(5.125 * 0.45359237, { ...INCH, mass: 'lb' })), '5.125 lb'],
  ['less than nothing in pounds', text(formatMass(-1.5 * 0.45359237, INCH)), '−1 lb 8 oz (−1.500 lb)'],
  ['nothing in pounds', text(formatMass(0, INCH)), '0 lb 0 oz (0.000 lb)'],
  ['a run in metres', text(formatDistance(12.34, METRIC)), '12.3 m'],
  ['a run in feet', text(formatDistance(12.192, INCH)), '40.0 ft'],
  ['a difference in kelvin', text(formatTemperatureDifference(10, METRIC)), '10 K'],
  ['a difference in °F has no offset', text(formatTemperatureDifference(10, INCH)), '18 °F'],
  ['bar', text(formatGaugePressure(gaugePascals(3.41e6), { ...METRIC, pressure: 'bar' })), '34.1 barg'],
  ['trickle, L/min', text(formatFlow(2.4 / 60_000, METRIC)), '2.4 L/min'],
  ['filler under ten grams', text(formatGrams(9.994)), '9.99 g'],
  ['filler of ten grams', text(formatGrams(10)), '10.0 g'],
  ['a length without a unit of its own', text({ value: '3', unit: '' }), '3'],
  ['a leak in kilograms', text(formatYearlyLoss(5.04, METRIC)), '5.0 kg a year'],
  ['a leak in pounds', text(formatYearlyLoss(0.45359237, INCH, 2)), '1.00 lb a year'],
  ['a small leak in grams', text(formatYearlyLoss(0.012, METRIC, 2)), '12 g a year'],
  ['what soap sees', text(formatYearlyLoss(0.0026, METRIC, 2)), '2.6 g a year'],
  ['a small leak in pounds', text(formatYearlyLoss(0.0045359237, INCH, 2)), '0.010 lb a year'],
  ['a true minus', formatNumber(-2.5, 1), '−2.5'],
])('%s', (_what, shown, expected) => expect(shown).toBe(expected));

test('a charge is never a bare decimal that could be read as ounces', () => {
  expect(text(formatMass(5.125 * 0.45359237, INCH))).toBe('5 lb 2 oz (5.125 lb)');
  expect(text(formatMass(7.5 * 0.45359237, INCH))).toBe('7 lb 8 oz (7.500 lb)');
});

test('ounces carry over instead of showing 16', () => {
  expect(text(formatMass(2.9999 * 0.45359237, INCH))).toBe('3 lb 0 oz (3.000 lb)');
});

test.each([
  [0.875, '7/8'],
  [1.125, '1-1/8'],
  [0.25, '1/4'],
  [2.125, '2-1/8'],
  [1, '1'],
])('%d in is %s', (inches, fraction) => expect(tradeFraction(inches * 0.0254)).toBe(fraction));

test.each([
  [19.0, '3/4 in'],
  [28.4, '1-1/8 in'],
  [60, '2-3/8 in'],
  [50.8, '2 in'],
  [0.4, '1/16 in'],
])('%d mm is read off an inch rule as %s', (mm, read) => expect(text(formatOnRule(mm / 1000, INCH))).toBe(read));

test.each([
  [0.9999999, '1'],
  [1.0000001, '1'],
  [15 / 16, '15/16'],
])('%d in is %s, rounding or none', (inches, fraction) => expect(tradeFraction(inches * 0.0254)).toBe(fraction));

test('22 mm is no trade fraction', () => expect(tradeFraction(0.022)).toBeNull());

describe('round trips: what is shown reads back as what was meant, to the last figure shown', () => {
  const near = (a: number, b: number, step: number) => Math.abs(a - b) <= step / 2 + 1e-9;

  test('lengths', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.0002, max: 0.15, noNaN: true }), fc.constantFrom(METRIC, INCH), (lengthM, prefs) => {
        const result = parseLength(text(formatLength(lengthM, prefs)), 'mm');
        const factor = result.ok ? LENGTH_UNITS[result.value.unit as 'mm'] : NaN;
        return result.ok && near(result.value.value, lengthM / factor, prefs === METRIC ? 0.1 : 0.001);
      }),
    );
  });

  test('temperatures', () => {
    fc.assert(
      fc.property(fc.integer({ min: -60, max: 900 }), (celsius) => {
        const result = parseTemperature(text(formatTemperature(celsius, METRIC)), 'F');
        return result.ok && result.value.unit === 'C' && result.value.value === celsius;
      }),
    );
  });

  test('gauge pressures', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 900 }), (psig) => {
        const result = parseGaugePressure(text(formatGaugePressure(gaugePascals(psig * 6894.757293168), INCH)), 'bar');
        return result.ok && result.value.unit === 'psig' && result.value.value === psig;
      }),
    );
  });

  test('masses in pounds and ounces, to a twentieth of an ounce', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 200, noNaN: true }), (massKg) => {
        const shown = text(formatMass(massKg, INCH)).replace(/ \(.*/, '');
        const result = parseMass(shown);
        return result.ok && near(result.value.value * MASS_UNITS.lb, massKg, 0.1 * MASS_UNITS.oz);
      }),
    );
  });
});
