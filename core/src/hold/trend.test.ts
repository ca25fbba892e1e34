import { trend } from './trend';

/** Readings a second apart. */
const each = (values: readonly number[]) => trend(values.map((value, seconds) => [seconds, value] as const));

test('a straight fall is its slope, without scatter, however far apart the readings are', () => {
  expect(each([10, 8, 6, 4, 2])).toEqual({ perSecond: -2, scatter: 0 });
  expect(
    trend([
      [100, 7],
      [160, 10],
      [400, 22],
    ]),
  ).toEqual({ perSecond: expect.closeTo(0.05, 12), scatter: 0 });
});

test('three readings say nothing of their scatter; four do', () => {
  expect(each([0, 1, 0])).toEqual({ perSecond: 0, scatter: 0 });
  // By hand: slope 2/5; what is left -0.4, 1.2, -1.2, 0.4, squares 3.2; sqrt(3.2 / 2) over 3 s, spread of the seconds 5.
  expect(each([0, 2, 0, 2])).toEqual({ perSecond: expect.closeTo(0.4, 12), scatter: expect.closeTo(1.69706, 5) });
});

test('readings that follow each other count by their correlation, those that alternate by no less than their scatter', () => {
  // By hand: slope 0, squares 8, neighbours 3, so 0.375; sqrt(8/6 x 1.375/0.625) over 7 s, spread of the seconds 42.
  expect(each([1, 1, -1, -1, -1, -1, 1, 1]).scatter).toBeCloseTo(1.84992, 5);
  // Neighbours -5 of 8: sqrt(8/6 x 7^2 / 42), as if they did not know each other.
  expect(each([1, -1, 1, -1, -1, 1, -1, 1]).scatter).toBeCloseTo(1.24722, 5);
});

test('a correlation of nearly one is taken as 0.98', () => {
  // A half wave over 400 readings: its neighbours differ by under 1 %.
  const wave = Array.from({ length: 400 }, (_, i) => Math.cos((2 * Math.PI * (i + 0.5)) / 400));
  const squares = 200; // the mean of a squared cosine over whole waves is a half
  // sqrt(200 / 398 x 1.98 / 0.02) x 399 / sqrt(400 (400^2 - 1) / 12)
  expect(each(wave).scatter).toBeCloseTo(Math.sqrt((squares / 398) * 99) * (399 / Math.sqrt((400 * 159_999) / 12)), 4);
});
