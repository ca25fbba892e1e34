import { oxygenAfter } from './oxygen';

const PURGE = { targetO2Percent: 0.209, floodSeconds: 100 };

test('oxygen falls from air to its target by the same share in every second, and stays there', () => {
  expect(oxygenAfter(PURGE, 0)).toBeCloseTo(20.9, 9);
  // Half way of a hundredfold thinning is tenfold.
  expect(oxygenAfter(PURGE, 50)).toBeCloseTo(2.09, 9);
  expect([100, 500].map((s) => oxygenAfter(PURGE, s))).toEqual([expect.closeTo(0.209, 9), expect.closeTo(0.209, 9)]);
  expect(oxygenAfter(PURGE, -5)).toBeCloseTo(20.9, 9);
});
