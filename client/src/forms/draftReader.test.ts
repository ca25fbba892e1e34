import { INCH_PREFERENCES, METRIC_PREFERENCES } from '@kesto/core';
import { DraftReader } from './draftReader';

describe('a figure without a unit is in the unit of whoever typed it', () => {
  test.each([
    ['length', '19', { value: 19, unit: 'mm' }, { value: 19, unit: 'in' }],
    ['distance', '12', { value: 12, unit: 'm' }, { value: 12, unit: 'ft' }],
    ['flow', '3', { value: 3, unit: 'L/min' }, { value: 3, unit: 'scfh' }],
    ['waterFlow', '20', { value: 20, unit: 'L/min' }, { value: 20, unit: 'gpm' }],
    ['pressureDrop', '18', { value: 18, unit: 'kPa' }, { value: 18, unit: 'psi' }],
  ] as const)('%s', (kind, text, metric, inches) => {
    expect(new DraftReader(METRIC_PREFERENCES)[kind]('it', text)).toEqual(metric);
    expect(new DraftReader(INCH_PREFERENCES)[kind]('it', text)).toEqual(inches);
  });

  test('temperature and pressure too', () => {
    expect(new DraftReader(METRIC_PREFERENCES).temperature('room', '21')).toMatchObject({ value: 21, unit: 'C' });
    expect(new DraftReader(INCH_PREFERENCES).temperature('room', '70')).toMatchObject({ value: 70, unit: 'F' });
    expect(new DraftReader(INCH_PREFERENCES).pressure('high', '400')?.unit).toMatch(/psi/);
  });
});

test('a unit that is typed along wins', () => {
  const read = new DraftReader(METRIC_PREFERENCES);
  expect(read.length('depth', '3/4 in')).toEqual({ value: 0.75, unit: 'in' });
  expect(read.temperature('room', '70 F')).toMatchObject({ value: 70, unit: 'F' });
  expect(read.problems).toEqual({});
});

test('nothing typed is nothing said, and no fault', () => {
  const read = new DraftReader(METRIC_PREFERENCES);
  expect([read.length('depth', ' '), read.mass('charge', ''), read.number('count', '', '3')]).toEqual([undefined, undefined, undefined]);
  expect(read.problems).toEqual({});
});

test('what cannot be read is told at its own field, and the others are read all the same', () => {
  const read = new DraftReader(METRIC_PREFERENCES);
  expect(read.length('depth', 'a bit')).toBeUndefined();
  expect(read.number('count', 'three', '3')).toBeUndefined();
  expect(read.length('bore', '22.33')).toEqual({ value: 22.33, unit: 'mm' });
  expect(Object.keys(read.problems)).toEqual(['depth', 'count']);
  expect(read.problems['count']).toBe('cannot be read; write it like 3');
  expect(read.problems['depth']).toMatch(/read/);
});
