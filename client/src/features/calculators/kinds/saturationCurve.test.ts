import { INCH_PREFERENCES, METRIC_PREFERENCES } from '@kesto/core';
import { saturationCurve } from './saturationCurve';

const of = (refrigerant: string, celsius = 0, units = METRIC_PREFERENCES) =>
  saturationCurve({ refrigerant, marks: [{ celsius, word: 'coil', on: 'dew' }], units });

test('R-410A at 0 °C boils at 7.0 bar on the gauge (NIST: 799 kPa absolute)', () => {
  const { marks, x, y } = of('R-410A');
  const [at] = (marks ?? []).map((mark) => mark.at);
  expect([x.unit, y.unit]).toEqual(['°C', 'kPag']);
  expect(at?.[0]).toBe(0);
  expect(Math.abs((at?.[1] ?? 0) - (799 - 101.3))).toBeLessThan(5);
});

test('the same in psi and fahrenheit', () => {
  const { marks, x, y } = of('R-410A', 0, INCH_PREFERENCES);
  const [at] = (marks ?? []).map((mark) => mark.at);
  expect([x.unit, y.unit]).toEqual(['°F', 'psig']);
  expect(at?.[0]).toBe(32);
  expect(Math.abs((at?.[1] ?? 0) - 101.2)).toBeLessThan(1);
});

test('a blend that glides has two lines, one for bubbles and one for dew; one that hardly does has one', () => {
  expect(of('R-449A').lines.map(({ name }) => name)).toEqual(['bubble', 'dew']);
  expect(of('R-410A').lines.map(({ name }) => name)).toEqual(['saturation']);
});

test('pressure rises with temperature all along, on both sides of what is asked', () => {
  for (const { points } of of('R-449A', 20).lines) {
    expect(points.length).toBeGreaterThan(10);
    for (const [i, [x, y]] of points.entries()) {
      if (i === 0) continue;
      expect(x).toBeGreaterThan(points[i - 1]![0]);
      expect(y).toBeGreaterThan(points[i - 1]![1]);
    }
  }
});

test('the bubble line lies above the dew line', () => {
  const [bubble, dew] = of('R-449A').lines;
  for (const [i, [, pressure]] of (bubble?.points ?? []).entries()) expect(pressure).toBeGreaterThan(dew?.points[i]?.[1] ?? Infinity);
});

test('a mark says what it is and at what temperature; one that cannot be is left out', () => {
  expect(of('R-410A', 5).marks?.[0]?.text).toMatch(/^coil 5(\.0)? °C$/);
  expect(of('R-744', 60).marks).toEqual([]);
});
