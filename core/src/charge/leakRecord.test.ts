import { byLaw } from './leakRecord';

const PLAIN = { hermetic: false, leakDetection: false };
const us = (rest: {
  fullKg: number;
  gwp?: number | null;
  refrigerant?: string;
  use?: 'light-comfort' | 'comfort' | 'commercial' | 'industrial';
}) => byLaw({ place: 'us', gwp: 1430, refrigerant: 'R-134a', ...rest }, PLAIN);

describe('in the United States', () => {
  test.each([
    ['comfort', 10],
    ['commercial', 20],
    ['industrial', 30],
  ] as const)('%s is repaired above %d % a year, within a month, looked at again after ten days', (use, percent) => {
    expect(us({ fullKg: 10, use })).toMatchObject({ repair: { thresholdPercent: percent, days: 30 }, recheckDays: 10 });
  });

  test.each([
    [6.7, 1430, 'R-134a', false],
    [6.9, 1430, 'R-134a', true],
    [20, 3, 'R-290', false],
    [20, 1810, 'R-22', false],
    [23, 1810, 'R-22', true],
    [7, null, 'R-999', true],
  ] as const)('%d kg with a GWP of %p (%s): %p', (fullKg, gwp, refrigerant, isBound) => {
    expect(us({ fullKg, gwp, refrigerant, use: 'commercial' }).repair !== null).toBe(isBound);
  });

  test('the cooling of a home is free of it, and so is what nobody said the use of', () => {
    expect(us({ fullKg: 10, use: 'light-comfort' }).repair).toBeNull();
    expect(us({ fullKg: 10 }).repair).toBeNull();
  });
});

test('in the European Union five tonnes are checked each year, fifty each half, five hundred each quarter; detection doubles it', () => {
  const eu = (fullKg: number, rest = PLAIN) => byLaw({ place: 'eu', fullKg, gwp: 2088, refrigerant: 'R-410A' }, rest).checkMonths;
  expect([2.3, 2.4, 24, 240].map((kg) => eu(kg))).toEqual([null, 12, 6, 3]);
  expect(eu(24, { hermetic: false, leakDetection: true })).toBe(12);
  expect(eu(4.7, { hermetic: true, leakDetection: false })).toBeNull();
});
