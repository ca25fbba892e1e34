import { readLog, sniffLog } from '.';

const BEGAN = Date.parse('2026-11-24T10:00:00.000Z');

test.each([
  [['Time', 'Pressure (kPa)', 'Pipe °C'], { time: 0, pressure: 1, temperature: 2, pressureUnit: 'kPag', temperatureUnit: 'C' }],
  [['T1 [°F]', 'P1 psig', 'Timestamp'], { time: 2, pressure: 1, temperature: 0, pressureUnit: 'psig', temperatureUnit: 'F' }],
  [['no', 'Druck bar', 'Temp', 'Zeit'], { time: 3, pressure: 1, temperature: 2, pressureUnit: 'barg' }],
  [['a', 'b'], { time: null, pressure: null, temperature: null }],
] as const)('headings %j in any order', (header, found) => expect(sniffLog(header)).toMatchObject(found));

const KPA = sniffLog(['time', 'kPa', 'temp']);

test('ISO times, with a blank or a T, in whole steps of the decimals that it shows', () => {
  const log = readLog([['2026-11-24 10:00:00Z', '2790.1', '18.25'], ['2026-11-24T10:00:05.000Z', '2790.0', '18.30']], KPA, 0); // prettier-ignore
  expect(log).toEqual({ samples: [[1, BEGAN, 27_901, 1825], [2, BEGAN + 5000, 27_900, 1830]], stepKpa: 0.1, stepK: 0.01, skipped: 0 }); // prettier-ignore
});

test('a count of seconds begins with the hold; a decimal comma is one; psig and °F come to kPa and °C', () => {
  const log = readLog([['0', '405,2', '64,4'], ['10', '405,1', '64,4']], sniffLog(['sec', 'psi', 'temp °F']), BEGAN); // prettier-ignore
  const [[, ms, gauge, pipe] = [0, 0, 0, 0], second] = log.samples;
  expect([ms, second?.[1]]).toEqual([BEGAN, BEGAN + 10_000]);
  // 405.2 psi x 6.8948 = 2793.8 kPa; 64.4 °F = 18.0 °C.
  expect(gauge * log.stepKpa).toBeCloseTo(2793.8, 1);
  expect(pipe * log.stepK).toBeCloseTo(18, 1);
});

test('lines that say nothing are counted, a moment told twice counts once, and order does not matter', () => {
  const log = readLog([['20', '5', '18'], ['10', '6', '18'], ['20', '7', '18'], ['', '', ''], ['30', 'off', '18'], ['x', '5', '18']], KPA, BEGAN); // prettier-ignore
  expect(log.samples.map(([n, ms, gauge]) => [n, (ms - BEGAN) / 1000, gauge])).toEqual([[1, 10, 6], [2, 20, 5]]); // prettier-ignore
  expect(log.skipped).toBe(2);
});
