import { alongFrom } from './alongFrom';
import { clearSpot, distanceToRun } from './clearSpot';

const p = (x: number, y: number) => ({ x, y });
/** Down, then to the right. */
const CORNER = [p(0, 0), p(0, 100), p(100, 100)];

test('a point is as far from a run as from the nearest of it, from its end where it lies beyond', () => {
  expect(distanceToRun(p(30, 50), p(0, 0), p(0, 100))).toBe(30);
  expect(distanceToRun(p(3, 104), p(0, 0), p(0, 100))).toBe(5);
  expect(distanceToRun(p(3, 4), p(0, 0), p(0, 0))).toBe(5);
});

test('words stand where no tube runs, in the spot that is liked best of those', () => {
  const [below, above, right] = [p(0, 114), p(0, 86), p(14, 86)];
  expect(clearSpot([below, above, right], [CORNER], 10)).toBe(below);
  expect(clearSpot([above, right, below], [CORNER], 10)).toBe(right);
});

test('where every spot lies near a tube it is the one furthest from it', () => {
  const [near, further] = [p(2, 50), p(6, 50)];
  expect(clearSpot([near, further], [CORNER], 10)).toBe(further);
});

test('along a tube from its end, never past the middle of its first run', () => {
  expect(alongFrom(CORNER, 30)).toEqual(p(0, 30));
  expect(alongFrom(CORNER, 80)).toEqual(p(0, 50));
});
