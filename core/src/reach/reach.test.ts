import fc from 'fast-check';
import { q } from '../testing/plans';
import { heatReach, runToPeaks, type ReachRequest } from './heatReach';
import type { TubeModel } from './tubeModel';
import { TubeSimulation } from './tubeSimulation';

const IN = 0.0254;
const tube78 = { areaM2: Math.PI * 0.83 * IN * 0.045 * IN, perimeterM: Math.PI * 0.875 * IN };
const copper = { conductivity: 340, heatCapacity: 420, densityKgPerM3: 8940 };
const model = (rest: Partial<TubeModel>): TubeModel => ({
  ...copper,
  ...tube78,
  airH: 10,
  emissivity: 0,
  ambientC: 20,
  lengthM: 2,
  endTemperatureC: () => 720,
  endCapacityJPerK: 0,
  wet: null,
  lumps: [],
  gridM: 0.004,
  stepS: 0.5,
  ...rest,
});
const runFor = (simulation: TubeSimulation, seconds: number) => {
  while (simulation.seconds < seconds) simulation.step();
  return simulation;
};

/** Abramowitz and Stegun 7.1.26, good to 1.5e-7. */
function erfc(x: number): number {
  const t = 1 / (1 + 0.3275911 * x);
  return t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429)))) * Math.exp(-x * x);
}

test.each([0.05, 0.1, 0.2])('steady fin: at %d m the rise is exp(-m x)', (x) => {
  const simulation = runFor(new TubeSimulation(model({ airH: 15, lengthM: 1.5, stepS: 20 })), 40_000);
  const m = Math.sqrt((15 * tube78.perimeterM) / (340 * tube78.areaM2));
  expect(Math.abs(simulation.temperatureAt(x) - (20 + 700 * Math.exp(-m * x)))).toBeLessThan(2);
});

test.each([
  [0.05, 30],
  [0.1, 60],
  [0.2, 120],
])('semi-infinite body: at %d m after %d s the rise is erfc(x / 2 sqrt(a t))', (x, t) => {
  const simulation = runFor(new TubeSimulation(model({ airH: 0, stepS: 0.1, gridM: 0.002 })), t);
  const alpha = 340 / (8940 * 420);
  expect(Math.abs(simulation.temperatureAt(x) - (20 + 700 * erfc(x / (2 * Math.sqrt(alpha * t)))))).toBeLessThan(3);
});

const request = (rest: Partial<ReachRequest> = {}): ReachRequest => ({
  tube: { metal: 'copper', od: q(0.875, 'in'), wall: q(0.045, 'in') },
  ambient: q(20, 'C'),
  jointTemperature: q(720, 'C'),
  seconds: 60,
  at: [q(50, 'mm'), q(100, 'mm'), q(300, 'mm')],
  ...rest,
});
const reach = (rest: Partial<ReachRequest> = {}, grid = {}) => {
  const result = heatReach(request(rest), grid);
  if (!result.ok) throw new Error(JSON.stringify(result.errors));
  return result.value;
};
const WET = { from: q(50, 'mm'), to: q(150, 'mm'), water: q(200, 'g') };

test('what goes in is stored, lost or boiled away: the balance closes within 1 %', () => {
  expect(reach().energyErrorPercent).toBeLessThan(1);
  expect(reach({ wet: WET }).energyErrorPercent).toBeLessThan(1);
  expect(reach({ wet: { ...WET, water: q(5, 'g') } }).energyErrorPercent).toBeLessThan(1);
});

test('halving grid and step moves no peak by 1 %', () => {
  for (const wet of [undefined, WET]) {
    const at = wet ? { wet } : {};
    const [coarse, fine] = [reach(at), reach(at, { gridM: 0.002, stepS: 0.25 })];
    coarse.points.forEach((point, i) => expect(Math.abs(point.peakC / (fine.points[i]?.peakC ?? 1) - 1)).toBeLessThan(0.01));
  }
});

test('farther points peak lower and later', () => {
  const { points } = reach();
  for (let i = 1; i < points.length; i++) {
    expect(points[i]?.peakC ?? 0).toBeLessThan(points[i - 1]?.peakC ?? 0);
    expect(points[i]?.atSeconds ?? 0).toBeGreaterThan(points[i - 1]?.atSeconds ?? 0);
  }
});

test('a wet length is held at boiling while its water lasts', () => {
  const wet = reach({ at: [q(60, 'mm'), q(100, 'mm')], wet: WET });
  expect(Math.max(...wet.points.map((p) => p.peakC))).toBeLessThanOrEqual(100.5);
  expect(wet.dryAtSeconds).toBeNull();
});

test('a few grams of water boil dry, and then the tube gets hot', () => {
  const wet = reach({ seconds: 120, at: [q(100, 'mm')], wet: { ...WET, water: q(3, 'g') } });
  expect(wet.dryAtSeconds).not.toBeNull();
  expect(wet.points[0]?.peakC ?? 0).toBeGreaterThan(120);
});

test('more water, longer tube time and hotter joints order as they must', () => {
  fc.assert(
    fc.property(fc.integer({ min: 5, max: 120 }), fc.integer({ min: 1, max: 60 }), (seconds, more) => {
      const peak = (s: number) => reach({ seconds: s, at: [q(120, 'mm')] }).points[0]?.peakC ?? 0;
      return peak(seconds + more) >= peak(seconds) - 1e-6;
    }),
    { numRuns: 15 },
  );
});

test('stainless carries heat less far than copper', () => {
  const at = (metal: 'copper' | 'stainless-steel') => reach({ tube: { ...request().tube, metal } }).points[1]?.peakC ?? 0;
  expect(at('stainless-steel')).toBeLessThan(at('copper'));
});

test.each<[string, Partial<ReachRequest>, string, object]>([
  ['no point asked', { at: [] }, 'at', { kind: 'missing', needed: 'distance' }],
  ['a negative distance', { at: [q(-5, 'mm')] }, 'at[0]', { kind: 'out-of-range' }],
  ['no time', { seconds: 0 }, 'seconds', { kind: 'out-of-range', unit: 's' }],
  ['a wrap that ends before it begins', { wet: { ...WET, to: q(40, 'mm') } }, 'wet.to', { kind: 'out-of-range', min: 0.05, unit: 'm' }],
  ['a wrap that ends where it begins', { wet: { ...WET, to: q(50, 'mm') } }, 'wet.to', { kind: 'out-of-range' }],
  ['a wrap before the joint', { wet: { ...WET, from: q(-5, 'mm') } }, 'wet.from', { kind: 'out-of-range' }],
  ['a wrap beyond the site', { wet: { ...WET, to: q(6, 'm') } }, 'wet.to', { kind: 'out-of-range' }],
  ['a wrap without water', { wet: { ...WET, water: q(0, 'g') } }, 'wet.water', { kind: 'out-of-range' }],
  ['a tube of a toy', { tube: { metal: 'copper', od: q(1, 'mm'), wall: q(0.3, 'mm') } }, 'tube.od', { kind: 'out-of-range' }],
  ['a wall of foil', { tube: { metal: 'copper', od: q(6, 'mm'), wall: q(0.1, 'mm') } }, 'tube.wall', { kind: 'out-of-range' }],
  [
    'a wall that leaves no bore',
    { tube: { metal: 'copper', od: q(6, 'mm'), wall: q(3, 'mm') } },
    'tube.wall',
    { kind: 'refused', reason: 'wall-too-thick' },
  ],
  ['a room on another planet', { ambient: q(90, 'C') }, 'ambient', { kind: 'out-of-range' }],
  ['a joint that is cold', { jointTemperature: q(50, 'C') }, 'jointTemperature', { kind: 'out-of-range' }],
  [
    'a joint that melts',
    { tube: { ...request().tube, metal: 'brass' }, jointTemperature: q(900, 'C') },
    'jointTemperature',
    { kind: 'refused', reason: 'joint-above-solidus' },
  ],
  [
    'an unknown metal',
    { tube: { metal: 'tin' as never, od: q(6, 'mm'), wall: q(1, 'mm') } },
    'tube.metal',
    { kind: 'unknown-word', word: 'tin' },
  ], // cast: what a file may hold
])('%s is refused, naming the field', (_what, rest, field, why) => {
  const result = heatReach(request(rest));
  expect(result.ok ? [] : result.errors).toContainEqual(expect.objectContaining({ field, ...why }));
});

test('at its own solidus a metal may just be held', () => {
  // Brass melts from 885 °C.
  expect(reach({ tube: { ...request().tube, metal: 'brass' }, jointTemperature: q(885, 'C') }).points).toHaveLength(3);
});

test('at the joint itself it is as hot as the joint', () => {
  expect(reach({ at: [q(0, 'mm')] }).points[0]?.peakC).toBeCloseTo(720, 9);
});

test('what was never heated has no error of energy', () => {
  const idle = runToPeaks(model({ endTemperatureC: () => null }), [0.1], 10);
  expect(idle.energyErrorPercent).toBe(0);
  expect(idle.points[0]?.peakC).toBeCloseTo(20, 9);
});
