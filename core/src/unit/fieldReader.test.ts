import { FieldReader } from './fieldReader';
import { q } from '../testing/plans';

const ATM = 101_325;

test('gauge and absolute pressures meet in the local atmosphere', () => {
  const read = new FieldReader();
  read.readAtmosphere({ altitude: q(1600, 'm') });
  expect(read.atmosphere).toBeCloseTo(83_524, -2); // ISO 2533 at 1600 m: 83.5 kPa
  const absolute = read.absolutePressure('p', q(400, 'psig'), { min: 0, max: 1e7 });
  expect(absolute).toBeCloseTo(400 * 6894.757 + read.atmosphere, -1);
  expect(read.errors).toEqual([]);
});

test('without a place the standard atmosphere stands', () => {
  const read = new FieldReader();
  expect(read.gaugePressure('p', q(101.325, 'kPa'), { min: -1e5, max: 1e6 })).toBeCloseTo(0, 6);
  expect(read.atmosphere).toBe(ATM);
});

test('atmosphere and altitude together are refused', () => {
  const read = new FieldReader();
  read.readAtmosphere({ atmosphere: q(100, 'kPa'), altitude: q(10, 'm') });
  expect(read.errors).toMatchObject([{ kind: 'excludes', field: 'altitude', other: 'atmosphere' }]);
});

test('psi is a difference and refused where a pressure is meant', () => {
  const read = new FieldReader();
  read.gaugePressure('service.designPressure', q(400, 'psi'), { min: 0, max: 1e8 });
  expect(read.errors).toMatchObject([{ kind: 'refused', field: 'service.designPressure', reason: 'gauge-difference' }]);
});

test.each([
  ['a unit of another kind', q(3, 'kg'), 'unknown-unit'],
  ['a negative length', q(-3, 'mm'), 'out-of-range'],
  ['not a number', q(Number.NaN, 'mm'), 'not-a-number'],
  ['text where a number belongs', { value: '3' as unknown as number, unit: 'mm' }, 'not-a-number'],
])('a length that is %s names its field', (_what, quantity, kind) => {
  const read = new FieldReader();
  expect(read.lengthM('joint.male.od', quantity, { min: 0.001, max: 0.1 })).toBeNaN();
  expect(read.errors).toMatchObject([{ kind, field: 'joint.male.od' }]);
});

test.each([
  ['32 °F is 0 °C', q(32, 'F'), 0],
  ['273.15 K is 0 °C', q(273.15, 'K'), 0],
  ['-40 meets itself', q(-40, 'F'), -40],
])('%s', (_what, quantity, celsius) => {
  expect(new FieldReader().temperatureC('t', quantity, { min: -100, max: 100 })).toBeCloseTo(celsius, 9);
});

test('temperature differences have no zero', () => {
  const read = new FieldReader();
  expect(read.temperatureDifferenceK('d', q(9, 'Fd'), { min: 0, max: 100 })).toBeCloseTo(5, 12);
  expect(read.temperatureDifferenceK('d', q(5, 'K'), { min: 0, max: 100 })).toBe(5);
});

test('masses, volumes, flows, times, powers come to SI', () => {
  const read = new FieldReader();
  const wide = { min: 0, max: 1e9 };
  expect(read.massKg('m', q(1, 'lb'), wide)).toBe(0.45359237);
  expect(read.volumeM3('v', q(1, 'ft3'), wide)).toBeCloseTo(0.0283168, 7);
  expect(read.flowM3PerS('f', q(1, 'scfh'), wide) * 60_000).toBeCloseTo(0.4719, 4);
  expect(read.timeS('t', q(2, 'min'), wide)).toBe(120);
  expect(read.powerW('p', q(2.4, 'kW'), wide)).toBe(2400);
  expect(read.pressureDifferencePa('dp', q(1, 'psi'), wide)).toBeCloseTo(6894.757, 3);
});

describe('what is allowed is said in the unit that was sent', () => {
  const said = (ask: (read: FieldReader) => unknown) => {
    const read = new FieldReader();
    expect(ask(read)).toBeNaN();
    return read.errors[0];
  };
  test.each([
    ['a length in inches', (r: FieldReader) => r.lengthM('x', q(9, 'in'), { min: 0.0254, max: 0.1016 }), { min: 1, max: 4, unit: 'in' }],
    ['a temperature in °F', (r: FieldReader) => r.temperatureC('x', q(900, 'F'), { min: 0, max: 100 }), { min: 32, max: 212, unit: 'F' }],
    [
      'a temperature in K',
      (r: FieldReader) => r.temperatureC('x', q(900, 'K'), { min: 0, max: 100 }),
      { min: 273.15, max: 373.15, unit: 'K' },
    ],
    [
      'a gauge pressure in barg',
      (r: FieldReader) => r.gaugePressure('x', q(50, 'barg'), { min: 0, max: 4e6 }),
      { min: 0, max: 40, unit: 'barg' },
    ],
    [
      'a gauge pressure sent as absolute',
      (r: FieldReader) => r.gaugePressure('x', q(5000, 'kPa'), { min: 0, max: 4e6 }),
      { min: ATM / 1000, max: 4000 + ATM / 1000, unit: 'kPa' },
    ],
    [
      'an absolute pressure sent as gauge',
      (r: FieldReader) => r.absolutePressure('x', q(50, 'barg'), { min: ATM, max: 4e6 + ATM }),
      { min: 0, max: 40, unit: 'barg' },
    ],
    ['a bare number', (r: FieldReader) => r.number('x', 9, { min: 1, max: 4 }, 'breaks'), { min: 1, max: 4, unit: 'breaks' }],
  ])('%s', (_what, ask, { min, max, unit }) => {
    const error = said(ask);
    expect(error).toMatchObject({ kind: 'out-of-range', field: 'x', unit });
    if (error?.kind !== 'out-of-range') return;
    expect(error.min).toBeCloseTo(min, 9);
    expect(error.max).toBeCloseTo(max, 9);
  });
});

test('a unit that is none of pressure is refused with those that are; psi with what it is', () => {
  const read = new FieldReader();
  read.gaugePressure('p', q(4, 'mm'), { min: 0, max: 1e8 });
  expect(read.errors).toMatchObject([
    { kind: 'unknown-unit', unit: 'mm', allowed: expect.arrayContaining(['kPa', 'psia', 'psig', 'barg']) },
  ]);
  read.gaugePressure('p', q(4, 'psi'), { min: 0, max: 1e8 });
  expect(read.errors[1]).toEqual({ kind: 'refused', field: 'p', reason: 'gauge-difference', value: 'psi' });
});

test('an atmosphere is read as absolute, and an altitude of no place is refused', () => {
  const read = new FieldReader();
  expect(read.readAtmosphere({ atmosphere: q(83.5, 'kPa') })).toBe(83_500);
  read.readAtmosphere({ atmosphere: q(10, 'kPa') });
  read.readAtmosphere({ altitude: q(90_000, 'm') });
  expect(read.errors.map((e) => e.field)).toEqual(['atmosphere', 'altitude']);
});
