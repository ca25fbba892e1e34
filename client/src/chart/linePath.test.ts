import { linePath } from './linePath';

const same = (value: number) => value;

test('a curve goes through its points, to a tenth of a pixel', () => {
  expect(linePath([[0, 0], [1.26, 2.34], [10, 5]], same, same)).toBe('M0,0L1.3,2.3L10,5'); // prettier-ignore
});

test('is drawn by its scales, and is nothing without points', () => {
  expect(linePath([[1, 1], [2, 2]], (x) => 10 * x, (y) => 100 - 10 * y)).toBe('M10,90L20,80'); // prettier-ignore
  expect(linePath([], same, same)).toBe('');
});
