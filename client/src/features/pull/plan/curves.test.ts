import type { Pumping } from '@kesto/core/pull';
import { pumpingOf } from '@kesto/core';
import { curvesOf } from './curves';

const micron = (value: number) => ({ value, unit: 'micron' });
function pumping(hoses: readonly object[]): Pumping {
  const made = pumpingOf(
    { volume: { value: 6, unit: 'L' }, pump: { speed: { value: 8, unit: 'cfm' }, ultimate: micron(25) }, hoses } as never,
    0,
  ); // cast: as a pull names them
  if (!made.ok) throw new Error(JSON.stringify(made.errors));
  return made.value;
}
const hose = (boreMm: number, core: 'in' | 'out') => ({ bore: { value: boreMm, unit: 'mm' }, length: { value: 1.5, unit: 'm' }, core });
const secondsOf = (curve: ReturnType<typeof curvesOf>[number]) => curve.times.map(({ seconds }) => seconds ?? Infinity);

test('cores out and wider hoses stand beside what is chosen, each quicker than the one before', () => {
  const curves = curvesOf(pumping([hose(6, 'in')]));
  expect(curves.map(({ name }) => name)).toEqual(['chosen', 'cores-out', 'wide']);
  const [chosen, out, wide] = curves.map(secondsOf);
  for (const i of [0, 1, 2]) {
    expect(out![i]).toBeLessThan(chosen![i]!);
    expect(wide![i]).toBeLessThan(out![i]!);
  }
});

test('what is done already is not offered', () => {
  expect(curvesOf(pumping([hose(12, 'out')])).map(({ name }) => name)).toEqual(['chosen']);
});

test('deeper takes longer', () => {
  const [a, b, c] = secondsOf(curvesOf(pumping([hose(6, 'out')]))[0]!);
  expect(a).toBeLessThan(b!);
  expect(b).toBeLessThan(c!);
});
