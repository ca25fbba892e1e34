import { INCH_PREFERENCES, METRIC_PREFERENCES } from '@kesto/core';
import { readings, usualReadings, type ReadingsRequest } from '@kesto/core/refrigerant';
import { readingRows } from './readingRows';

const q = (value: number, unit: string) => ({ value, unit });
const REQUEST: ReadingsRequest = {
  ...{ refrigerant: 'R-32', metering: 'valve' },
  suction: { pressure: q(700, 'kPag'), line: q(14, 'C') },
  ...{ room: q(24, 'C'), outdoor: q(30, 'C') },
};
function rowsOf(request: ReadingsRequest, rest: Partial<Parameters<typeof readingRows>[0]> = {}) {
  const [found, usual] = [readings(request), usualReadings(request)];
  if (!found.ok || !usual.ok) throw new Error('cannot be read');
  return readingRows({ ...{ found: found.value, usual: usual.value, before: null, guessed: [], units: METRIC_PREFERENCES }, ...rest });
}

test('what was read stands beside what is usual; what nobody read is left out', () => {
  const rows = rowsOf(REQUEST);
  expect(rows.map(({ label }) => label)).toEqual(['evaporating', 'superheat']);
  expect(rows[0]).toMatchObject({ usual: '−3 to 19 °C', isOff: false });
  expect(rows[1]).toMatchObject({ usual: '4 to 12 K', isOff: true, isRough: false });
});

test('a line that was felt makes its superheat rough, and nothing else', () => {
  expect(rowsOf(REQUEST, { guessed: ['suction'] }).map(({ isRough }) => isRough)).toEqual([false, true]);
});

test('a person’s own usual difference names a target; inches and Fahrenheit where they read so', () => {
  expect(rowsOf({ ...REQUEST, usualDifference: q(15, 'K') })[0]?.usual).toBe('9 °C, as you know it');
  expect(rowsOf(REQUEST, { units: INCH_PREFERENCES })[0]?.usual).toBe('27 to 66 °F');
});
