import { BRASS_STUB, draftOf, planOf } from '@/testing/joints';
import { readLadder } from './ladderReadings';

const { plan } = planOf(
  draftOf({ female: BRASS_STUB, rest: { near: [{ kind: 'valve', along: 'female', distance: '52 mm', protection: 'putty' }] } }),
);
const at = (celsius: number) =>
  Object.fromEntries(readLadder(plan, celsius, (c) => `${c.toFixed(0)} °C`).map((row) => [row.name.replace(/^\d /, ''), row.says]));

test('at the aim the chosen filler flows, its flux works and the brass is still solid', () => {
  const said = at(plan.heat?.middleC ?? 0);
  expect(said['BAg-36']).toBe('flows');
  expect(said['flux FB3-A']).toBe('works');
  expect(said.brass).toBe('melts from 885 °C');
  expect(said.valve).toBe('hurt at this');
});

test('cold, nothing melts, the flux is not clear and the valve stands it', () => {
  const said = at(100);
  expect(said['BAg-36']).toBe('still solid');
  expect(said['flux FB3-A']).toBe('not clear yet');
  expect(said.valve).toBe('stands this');
  expect(said.brass).toBe('melts from 885 °C');
});

test('between solidus and liquidus a filler is half melted; far above it the flux is spent and the brass melts', () => {
  expect(at(660)['BAg-36']).toBe('half melted');
  const hot = at(1000);
  expect(hot['flux FB3-A']).toBe('spent');
  expect(hot.brass).toBe('melts');
  expect(hot['BAg-36']).toBe('hotter than it likes');
});

test('a forbidden filler is never said to flow', () => {
  const steel = planOf(draftOf({ female: { metal: 'carbon-steel' } })).plan;
  const phosphorus = readLadder(steel, 800, String).filter((row) => row.name.includes('BCuP'));
  expect(phosphorus.length).toBeGreaterThan(0);
  expect(phosphorus.every((row) => row.says === 'forbidden here')).toBe(true);
});
