import { standardAtmospherePressure } from './standardAtmosphere';

// ISO 2533:1975, table of pressure by geopotential altitude.
test.each([
  [0, 101_325],
  [1000, 89_874.6],
  [2000, 79_495.2],
  [3000, 70_108.5],
  [6000, 47_181],
  [-500, 107_477],
])('at %d m the standard atmosphere presses with %d Pa', (altitudeM, pascals) => {
  const result = standardAtmospherePressure(altitudeM);
  expect(Math.abs((result.ok ? result.value : NaN) - pascals)).toBeLessThan(2);
});

test.each([-501, 6001, Number.NaN])('%d m is no place where anybody brazes', (altitudeM) => {
  expect(standardAtmospherePressure(altitudeM)).toEqual({
    ok: false,
    errors: [{ kind: 'out-of-range', field: 'altitude', value: altitudeM, min: -500, max: 6000, unit: 'm' }],
  });
});
