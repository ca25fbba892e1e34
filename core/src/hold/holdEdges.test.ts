import type { Quantity } from '../unit/units';
import { Saturation } from '../refrigerant/saturation';
import { held, holdRequest as request, type Sample } from '../testing/holds';
import { hold } from './hold';
import { gramsPerYear, wantedLeakPaM3S } from './refrigerantLeak';
import type { HoldRequest } from './request';
import { secondsToSee, smallestSeenPaM3S, type HoldErrors } from './smallestSeen';
import { trend } from './trend';

const q = (value: number, unit: string): Quantity => ({ value, unit });
const refused = (asked: HoldRequest) => {
  const result = hold(asked);
  return result.ok ? [] : result.errors;
};
const LEVEL: readonly Sample[] = [[0, 3000, 20], [60, 3000, 20]]; // prettier-ignore

test('what counts is the time between first and last reading, not the time of day', () => {
  const later = LEVEL.map(([minutes, kPa, celsius]) => [minutes + 500, kPa, celsius] as const);
  expect(held(later).smallestSeenPaM3S).toBeCloseTo(held(LEVEL).smallestSeenPaM3S, 12);
});

test('the part of the volume no thermometer follows counts by how much it warmed, either way', () => {
  const warmed = (celsius: number, unfollowedShare: number) =>
    held([[0, 3000, 20], [60, 3000, celsius]], { unfollowedShare, temperatureUncertaintyK: 0, gauge: { resolution: q(0, 'kPa') } }).smallestSeenPaM3S; // prettier-ignore
  // 3 MPa x 0.1 x 10 K / 298 K = 10.07 kPa; twice that times 20 L over an hour is 0.112 Pa m3/s. Nothing else is uncertain here.
  expect(warmed(30, 0.1)).toBeCloseTo(0.112, 3);
  expect(warmed(30, 0.2)).toBeCloseTo(0.224, 3);
  expect(warmed(10, 0.1)).toBeCloseTo((0.112 * 298) / 288, 3);
  expect(warmed(30, 0)).toBe(0);
});

test('sun and shade: the gas is half way between, and as uncertain as their difference moved', () => {
  const samples = (sun: readonly [number, number]) =>
    [0, 3600].map((seconds, i) => ({ seconds, pressure: q(3000, 'kPag'), temperature: q(20, 'C'), sun: q(sun[i] ?? 0, 'C') }));
  const bare = { temperatureUncertaintyK: 0, unfollowedShare: 0, gauge: { resolution: q(0, 'kPa') } };
  const found = held([], { samples: samples([20, 40]), ...bare });
  // By hand: 3.1 MPa x 10 K / 298 K = 104 kPa; twice that, 20 L, an hour.
  expect(found.smallestSeenPaM3S).toBeCloseTo(1.16, 1);
  // As much sun at the end as at the start tells as much as one thermometer.
  expect(held([], { samples: samples([40, 40]), ...bare }).smallestSeenPaM3S).toBeLessThan(0.01);
  expect(refused(request(LEVEL, { samples: samples([20, 900]) }))).toMatchObject([{ field: 'samples[1].sun', kind: 'out-of-range' }]);
});

test('gas that seems to grow proves nothing, however long it is watched', () => {
  const grown = held([[0, 3000, 20], [60, 3100, 20]], { wantedLeakPaM3S: 0.5 }); // prettier-ignore
  expect(grown).toMatchObject({ verdict: 'cannot-tell', minutesNeeded: null });
  expect(held(LEVEL, { wantedLeakPaM3S: 1e-9, gauge: { resolution: q(1, 'kPa'), drift: q(1, 'kPa') } })).toMatchObject({
    verdict: 'cannot-tell',
    minutesNeeded: null,
  });
});

test('minutes more, until what is left between the leak and the wanted one is seen', () => {
  // 20 L at 3 MPa lose 5 kPa an hour: 0.0278 Pa m3/s; 0.02 is looked for, and the thermometer’s 0.2 K of 293 K hides 2.05 kPa of 3 MPa.
  const found = held([[0, 3000, 20], [60, 2999, 20]], { wantedLeakPaM3S: 0.02 }); // prettier-ignore
  expect(found.verdict).toBe('cannot-tell');
  const leak = found.leakPaM3S;
  // s = hypot(1 kPa x sqrt(2 / 12), 2.05 kPa) = 2.09 kPa; 2 V s / (0.02 - leak).
  expect(found.minutesNeeded).toBeCloseTo((2 * 0.02 * Math.hypot(408.2, 2046.7)) / (0.02 - leak) / 60 - 60, 0);
});

test.each<[string, Partial<HoldRequest>, object]>([
  ['a thermometer off by a summer', { temperatureUncertaintyK: 30 }, { field: 'temperatureUncertaintyK', kind: 'out-of-range', unit: 'K' }],
  ['a leak of nothing', { wantedLeakPaM3S: 0 }, { field: 'wantedLeakPaM3S', kind: 'out-of-range', unit: 'Pa m3/s' }],
  ['more than all of it', { unfollowedShare: 1.1 }, { field: 'unfollowedShare', kind: 'out-of-range', unit: '' }],
  ['a step no gauge has', { gauge: { resolution: q(20, 'bar') } }, { field: 'gauge.resolution', kind: 'out-of-range' }],
  ['a gauge that runs away', { gauge: { resolution: q(1, 'kPa'), drift: q(20, 'bar') } }, { field: 'gauge.drift', kind: 'out-of-range' }],
  ['a volume of nothing', { volume: q(0, 'L') }, { field: 'volume', kind: 'out-of-range' }],
  [
    'one reading',
    { samples: [{ seconds: 0, pressure: q(3, 'MPa'), temperature: q(20, 'C') }] },
    { field: 'samples', kind: 'missing', needed: 'two-samples' },
  ],
])('%s is refused by its field', (_what, rest, why) => expect(refused(request(LEVEL, rest))).toContainEqual(expect.objectContaining(why)));

test('readings that do not rise in time are refused where they stop rising; a time before the hold as well', () => {
  expect(refused(request([[0, 3000, 20], [10, 3000, 20], [10, 3000, 20]]))).toEqual([{ kind: 'refused', field: 'samples[2].seconds', reason: 'not-later' }]); // prettier-ignore
  expect(refused(request([[-1, 3000, 20], [10, 3000, 20]]))).toContainEqual(expect.objectContaining({ field: 'samples[0].seconds', unit: 's' })); // prettier-ignore
});

test('one gauge among absolute readings is enough for the weather to count', () => {
  const mixed = request(LEVEL, { temperatureUncertaintyK: 0 });
  const [first, last] = mixed.samples;
  if (!first || !last) throw new Error('two samples');
  const seen = (samples: HoldRequest['samples']) => {
    const result = hold({ ...mixed, samples });
    return result.ok ? result.value.smallestSeenPaM3S : NaN;
  };
  const gauge = { ...last, pressure: q(3000 - 101.325, 'kPag') };
  expect(seen([first, gauge])).toBeGreaterThan(seen([first, last]));
});

describe('from nitrogen to the refrigerant', () => {
  const fluid = Saturation.of('R-410A');
  if (!fluid) throw new Error('R-410A is in the table');
  const at = (rest: object) => gramsPerYear({ leakPaM3S: 1e-3, pressurePa: 3e6, celsius: 20, atmospherePa: 101_325, ...rest }, fluid);

  test('nothing is told outside the table, or where nothing pushes out', () => {
    expect(at({})).toBeGreaterThan(0);
    expect(at({ celsius: fluid.rangeC.min - 1 })).toBeNull();
    expect(at({ celsius: fluid.rangeC.max + 1 })).toBeNull();
    expect(at({ pressurePa: 101_325 })).toBeNull();
    expect(at({ atmospherePa: 2e6, pressurePa: 3e6 })).toBeNull();
  });

  test('a leak that is wanted is the inverse; none for what is not known, or not asked for', () => {
    const asked = { refrigerant: 'r410a', gramsPerYear: 5, pressure: q(30, 'bara'), temperature: q(20, 'C') };
    const leak = wantedLeakPaM3S(asked) ?? NaN;
    // Standing at 20 °C less gets out than running at 45 °C: (14.5^2 - 1) / (27.3^2 - 1).
    expect(at({ leakPaM3S: leak })).toBeCloseTo(5 / 3.56, 1);
    expect(wantedLeakPaM3S({ ...asked, gramsPerYear: 0 })).toBeNull();
    expect(wantedLeakPaM3S({ ...asked, refrigerant: 'R-999' })).toBeNull();
    expect(wantedLeakPaM3S({ ...asked, pressure: q(170, 'bara') })).toBeNull();
    expect(wantedLeakPaM3S({ ...asked, pressure: q(1.01325, 'bara') })).toBeNull();
  });
});

describe('the time a hold needs', () => {
  const errors: HoldErrors = {
    noisePa: 100,
    driftPaPerS: 0.003,
    pressurePa: 1e6,
    temperatureK: 293,
    temperatureErrorK: 0,
    gaugeWarmthPa: 0,
    barometer: 'none',
  };

  test('with drift: 200 x 100 / sqrt(1 - 0.36) = 25 000 s, and then just that leak is seen', () => {
    expect(secondsToSee(0.01, 1, errors)).toBeCloseTo(25_000, 6);
    expect(smallestSeenPaM3S(1, 25_000, errors)).toBeCloseTo(0.01, 12);
  });

  test('a drift that hides as much as the leak is never waited out; of no leak nothing is seen', () => {
    expect(secondsToSee(0.01, 1, { ...errors, driftPaPerS: 0.005 })).toBeNull();
    expect(secondsToSee(0, 1, errors)).toBeNull();
    expect(secondsToSee(-0.01, 1, errors)).toBeNull();
  });
});

test('scatter counts over the time watched, whenever it began, at whatever level', () => {
  const wave = [0, 1, 2, 1, 0, -1, -2, -1, 0];
  // By hand: slope -160/6000; what is left has squares 7.73333, neighbours 2.31111 (0.298851); sqrt(7.73333/7 x 1.298851/0.701149) x 80 / sqrt(6000).
  const scatter = (from: number, level: number) => trend(wave.map((value, i) => [from + 10 * i, level + value] as const)).scatter;
  expect(scatter(0, 0)).toBeCloseTo(1.47749, 4);
  expect(scatter(500, 300)).toBeCloseTo(1.47749, 4);
});
