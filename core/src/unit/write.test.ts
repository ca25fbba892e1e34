import {
  gaugePascals,
  INCH_PREFERENCES as INCH,
  METRIC_PREFERENCES as METRIC,
  writeGaugePressure,
  writeMass,
  writeTemperature,
} from '../index';

test.each([
  ['psig', writeGaugePressure(gaugePascals(689_475.7293), INCH), '100 psig'],
  ['bar, with what stands behind the point', writeGaugePressure(gaugePascals(4_125_000), { ...METRIC, pressure: 'bar' }), '41.25 barg'],
  ['kPa', writeGaugePressure(gaugePascals(15_000_000), METRIC), '15000 kPag'],
  ['kilograms', writeMass(3.2, METRIC), '3.2 kg'],
  ['pounds', writeMass(3.2, INCH), '7.054792 lb'],
  ['°F', writeTemperature(-10, INCH), '14 °F'],
  ['°C', writeTemperature(-17.5, METRIC), '-17.5 °C'],
])('puts back a figure in %s', (_, text, expected) => expect(text).toBe(expected));
