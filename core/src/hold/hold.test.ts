import { held, holdRequest as request } from '../testing/holds';
import type { Quantity } from '../unit/units';
import { hold } from './hold';
import { wantedLeakPaM3S } from './refrigerantLeak';
import type { HoldRequest } from './request';

const q = (value: number, unit: string): Quantity => ({ value, unit });
const refusedAt = (asked: HoldRequest) => {
  const result = hold(asked);
  return result.ok ? null : result.errors[0]?.field;
};

describe('the amount of gas, not its pressure', () => {
  // Reference equation of state: a closed 3.0 MPa hold that warms from 15 to 30 °C ends 11.7 kPa above what p/T alone says.
  const warmed = 3000 * (303.15 / 288.15) + 11.7;

  test('a tight system that the sun warms ends where it began', () =>
    expect(held([[0, 3000, 15], [60, warmed, 30]]).correctedEndPa / 1000).toBeCloseTo(3000, 0)); // prettier-ignore

  test('and is no leak', () => {
    const found = held([[0, 3000, 15], [60, warmed, 30]]); // prettier-ignore
    expect(Math.abs(found.leakPaM3S)).toBeLessThan(found.smallestSeenPaM3S / 20);
    expect(found.verdict).not.toBe('leaking');
  });

  test('at one temperature it is V dp / t: 20 L that lose 100 kPa in an hour lose 0.556 Pa m3/s', () => {
    const found = held([[0, 3000, 20], [30, 2950, 20], [60, 2900, 20]]); // prettier-ignore
    // Z falls a little as the pressure does, so the amount falls a little more slowly than the pressure.
    expect(found.leakPaM3S).toBeGreaterThan(0.55);
    expect(found.leakPaM3S).toBeLessThan(0.561);
    expect(found).toMatchObject({ verdict: 'leaking', minutesNeeded: 0 });
  });
});

describe('the smallest leak it could have seen', () => {
  /** 20 L at 3.2 MPa, a day, thermometer 1 K off: worked by hand 32 bar x 1/293 = 10.9 kPa, twice that over a day 5.05e-3 Pa m3/s. */
  const day = (rest: Partial<HoldRequest>) =>
    held([[0, 3200, 20], [1440, 3200, 20]], { temperatureUncertaintyK: 1, gauge: { resolution: q(0, 'kPa') }, ...rest }); // prettier-ignore

  test('from the thermometer alone', () => expect(day({}).smallestSeenPaM3S).toBeCloseTo(5.05e-3, 4));
  test('a gauge’s step is never averaged away: 10 kPa rounds to 4.08 kPa', () => {
    const gauge = { resolution: q(10, 'kPa') };
    const many = Array.from({ length: 200 }, (_, i) => [i, 1000, 20] as const);
    // 2 x 0.020 m3 x 4082 Pa / (199 min x 60 s)
    expect(held(many, { temperatureUncertaintyK: 0, gauge }).smallestSeenPaM3S).toBeCloseTo(0.01368, 4);
  });
  test('drift grows with the time watched and cannot be waited out', () => {
    const gauge = { resolution: q(0, 'kPa'), drift: q(8.64, 'kPa') }; // 0.1 Pa a second
    const found = held([[0, 1000, 20], [60, 1000, 20]], { temperatureUncertaintyK: 0, gauge, wantedLeakPaM3S: 1e-3 }); // prettier-ignore
    expect(found.smallestSeenPaM3S).toBeCloseTo(4e-3, 5);
    expect(found).toMatchObject({ verdict: 'cannot-tell', minutesNeeded: null });
  });
  test('a sensor open to the air sees the weather: 500 Pa', () => {
    const samples = [0, 60].map((minutes) => ({ seconds: minutes * 60, pressure: q(10, 'barg'), temperature: q(20, 'C') }));
    const found = held([], { samples, temperatureUncertaintyK: 0, gauge: { resolution: q(0, 'kPa') } });
    expect(found.smallestSeenPaM3S).toBeCloseTo((2 * 0.02 * 500) / 3600, 6);
  });
  test('a tenth of a temperature that moved is not trusted', () => {
    const rest = { temperatureUncertaintyK: 0, gauge: { resolution: q(0, 'kPa') } };
    const found = held([[0, 1000, 20], [60, 1020.5, 26]], rest); // prettier-ignore
    expect(found.smallestSeenPaM3S).toBeGreaterThan(2e-2); // 0.6 K of 296 K, 2 x 0.020 x 2047 Pa / 3600 s = 0.0227
    expect(found.smallestSeenPaM3S).toBeLessThan(2.5e-2);
    expect(held([[0, 1000, 20], [60, 1020.5, 26]], { ...rest, unfollowedShare: 0 }).smallestSeenPaM3S).toBeLessThan(1e-4); // prettier-ignore
  });
  test('readings that jump about hide more than the gauge’s step', () => {
    const noisy = Array.from({ length: 30 }, (_, i) => [i, 1000 + (i % 3 === 0 ? 6 : -3), 20] as const);
    const calm = Array.from({ length: 30 }, (_, i) => [i, 1000, 20] as const);
    expect(held(noisy).smallestSeenPaM3S).toBeGreaterThan(1.5 * held(calm).smallestSeenPaM3S);
  });
});

describe('verdict', () => {
  const still = [[0, 3000, 20], [20, 3000, 20]] as const; // prettier-ignore
  test('not leaking, but what is looked for is smaller than this hold sees: not told, and the time it takes', () => {
    const found = held(still, { wantedLeakPaM3S: 1e-2 });
    expect(found.verdict).toBe('cannot-tell');
    const more = found.minutesNeeded ?? 0;
    expect(held([still[0], [20 + more * 1.02, 3000, 20]], { wantedLeakPaM3S: 1e-2 })).toMatchObject({ verdict: 'tight', minutesNeeded: 0 });
    expect(held([still[0], [20 + more * 0.98, 3000, 20]], { wantedLeakPaM3S: 1e-2 }).verdict).toBe('cannot-tell');
  });
  test('without a leak that is wanted to be seen nothing is tight: it says so, and no time helps', () =>
    expect(held(still)).toMatchObject({ verdict: 'cannot-tell', reasons: ['no-wanted-leak'], minutesNeeded: null }));
  test('a psi lost in a minute of 300 is not tight: too short, and what it saw is coarser than what is wanted', () => {
    const samples = [0, 60].map((seconds, i) => ({ seconds, pressure: q(300 - i, 'psig'), temperature: q(20, 'C') }));
    // A fall of 6.9 kPa is 2.3 Pa m3/s; step, weather and a clamp's 0.7 K of 294 at 2.17 MPa hide 2 x 0.020 x 5.9 kPa / 60 s = 3.9.
    const clamp = { samples, gauge: { resolution: q(1, 'psi') }, temperatureUncertaintyK: 0.7 };
    for (const wantedLeakPaM3S of [0.05, 5, 50]) expect(held([], { ...clamp, wantedLeakPaM3S }).verdict).toBe('cannot-tell');
  });
  test('nothing is tight before a quarter of an hour, however small the leak it could see', () => {
    const seen = { wantedLeakPaM3S: 5 };
    expect(held([[0, 3000, 20], [14, 3000, 20]], seen)).toMatchObject({ verdict: 'cannot-tell' }); // prettier-ignore
    expect(held([[0, 3000, 20], [14, 3000, 20]], seen).minutesNeeded).toBeCloseTo(1, 6); // prettier-ignore
    expect(held([[0, 3000, 20], [15, 3000, 20]], seen)).toMatchObject({ verdict: 'tight', minutesNeeded: 0 }); // prettier-ignore
  });
  test('gas that grew within the error hides as much as gas that did not: tight only against what the hold sees', () => {
    // 20 L in an hour: 0.2 K of 293 at 3 MPa and a step of 1 kPa see 0.0232 Pa m3/s; the gas seems to have grown by 0.011.
    const grew = [[0, 3000, 20], [60, 3002, 20]] as const; // prettier-ignore
    expect(held(grew, { wantedLeakPaM3S: 0.015 }).verdict).toBe('cannot-tell');
    expect(held(grew, { wantedLeakPaM3S: 0.03 }).verdict).toBe('tight');
  });
  test('a supply that stands open feeds a leak: never tight, and no time helps', () =>
    expect(held(still, { wantedLeakPaM3S: 5, supplyShut: false })).toMatchObject({
      ...{ verdict: 'cannot-tell', reasons: ['supply-open'], minutesNeeded: null },
    }));
  test('a tenth of the charge a year is wanted to be seen where nothing else is said', () => {
    // R-410A at 45 °C: 2.73 MPa. 200 g a year of it through 20 °C nitrogen at 3 MPa: 200 / 3.156e7 s = 6.34e-6 g/s = 8.73e-8 mol/s of 72.59 g;
    // times R T = 2437: 2.13e-4; viscosity 13.3 / 18.1 and pressures (3.00^2 - 0.1^2) / (2.73^2 - 0.1^2) = 1.21: 1.9e-4 Pa m3/s.
    const found = held(still, { refrigerant: 'R-410A', charge: q(2, 'kg') });
    expect(found.wantedLeakPaM3S).toBeGreaterThan(1.7e-4);
    expect(found.wantedLeakPaM3S).toBeLessThan(2.1e-4);
    expect(found.cautions.map(({ code }) => code)).toContain('gross-leaks-only');
  });
  test('gas that seems to grow proves nothing', () =>
    expect(held([[0, 3000, 20], [60, 3100, 20]], { wantedLeakPaM3S: 10 })).toMatchObject({ verdict: 'cannot-tell', minutesNeeded: null })); // prettier-ignore
});

test('grams a year: the same hole, the refrigerant’s own pressure, weight and thickness', () => {
  // R-134a at 20 °C: dew pressure 571.7 kPa, 102.03 g/mol. 1e-5 Pa m3/s of nitrogen at 1 MPa.
  const found = held([[0, 1000.9, 20], [60, 999.1, 20]], { refrigerant: 'R134a' }); // prettier-ignore
  const perPaM3S = (found.gramsPerYear ?? 0) / found.leakPaM3S;
  const pressures = (571.7 ** 2 - 101.3 ** 2) / (1000 ** 2 - 101.3 ** 2);
  const moles = 31_557_600 / (8.314 * 293.15);
  expect(perPaM3S).toBeGreaterThan(0.9 * moles * 102.03 * pressures * 1.49);
  expect(perPaM3S).toBeLessThan(1.1 * moles * 102.03 * pressures * 1.49); // 17.8 against 11.9 µPa s
});

test('a leak of so many grams a year is told only by a hold that sees it', () => {
  const at = { refrigerant: 'R134a', pressure: q(1000, 'kPa'), temperature: q(20, 'C') };
  const wanted = wantedLeakPaM3S({ ...at, gramsPerYear: 1000 }) ?? 0;
  // The way back: through the same hole as many grams.
  const leaking = held([[0, 1000, 20], [1440, 1000 - (wanted * 86_400) / 20, 20]], { refrigerant: 'R134a', temperatureUncertaintyK: 0 }); // prettier-ignore
  expect(leaking.gramsPerYearRunning ?? 0).toBeGreaterThan(950);
  expect(leaking.gramsPerYearRunning ?? 0).toBeLessThan(1050);
  expect(wantedLeakPaM3S({ ...at, gramsPerYear: 1000, refrigerant: 'R-999' })).toBeNull();
  const still = [[0, 1000, 20], [30, 1000, 20]] as const; // prettier-ignore
  expect(held(still, { wantedLeakPaM3S: wantedLeakPaM3S({ ...at, gramsPerYear: 100_000 }) ?? 0 }).verdict).toBe('tight');
  expect(held(still, { wantedLeakPaM3S: wantedLeakPaM3S({ ...at, gramsPerYear: 100 }) ?? 0 }).verdict).toBe('cannot-tell');
});

describe('grams a year', () => {
  const lost = [[0, 3200, 20], [60, 3199, 20]] as const; // prettier-ignore
  // Published for soap on nitrogen at 31 barg that sees 1e-5 Pa m3/s: R-32 1.9 g a year, R-410A 2.6, R-290 0.9.
  test.each([
    ['R-32', 1.9],
    ['R-410A', 2.6],
    ['R-290', 0.9],
  ])('of %s, standing: %s g for 1e-5 Pa m3/s', (refrigerant, grams) => {
    const found = held(lost, { refrigerant });
    const each = ((found.gramsPerYear ?? 0) / found.leakPaM3S) * 1e-5;
    expect(Math.abs(each - grams)).toBeLessThan(0.1);
  });
  test('running it is more, on the liquid line 4.5 times more again, on the low side less', () => {
    const of = (side: 'high' | 'liquid' | 'low') => held(lost, { refrigerant: 'R-410A', side }).gramsPerYearRunning ?? NaN;
    // (27.3^2 - 1^2) / (14.5^2 - 1^2) = 3.56 between 45 and 20 °C.
    expect(of('high') / (held(lost, { refrigerant: 'R-410A' }).gramsPerYear ?? NaN)).toBeCloseTo(3.56, 1);
    expect(of('liquid') / of('high')).toBeCloseTo(4.5, 9);
    expect(of('low')).toBeCloseTo(held(lost, { refrigerant: 'R-410A' }).gramsPerYear ?? NaN, 6);
  });
  test('above the critical point no figure is made up; gas that grew lost nothing, and what could hide stands beside it', () => {
    expect(held(lost, { refrigerant: 'R-744' }).gramsPerYearRunning).toBeNull();
    const grown = held([[0, 3200, 20], [60, 3201, 20]], { refrigerant: 'R-410A' }); // prettier-ignore
    expect(grown.gramsPerYear).toBe(0);
    expect(grown.gramsPerYearSeen).toBeGreaterThan(1000);
  });
});

describe('what a gauge’s own faults hide', () => {
  const bare = { temperatureUncertaintyK: 0, unfollowedShare: 0, gauge: { resolution: q(0, 'kPa') } };
  const gauge = (hours: number, rest: Partial<HoldRequest> = {}, air?: Quantity) =>
    held([], {
      ...bare,
      ...rest,
      samples: [0, hours].map((h) => ({
        seconds: h * 3600,
        pressure: q(5, 'barg'),
        temperature: q(20, 'C'),
        ...(air ? { atmosphere: air } : {}),
      })),
    });
  // 2 x 0.020 m3 x s / t
  test.each([
    [8, 500],
    [10, 750],
    [12, 1000],
    [20, 1000],
  ])('the weather in %s h: %s Pa', (hours, pascals) =>
    expect(gauge(hours).smallestSeenPaM3S).toBeCloseTo((0.04 * pascals) / (hours * 3600), 8),
  );
  test('a barometer read at both ends leaves 100 Pa of it, and is reckoned with', () => {
    expect(gauge(12, {}, q(100, 'kPa')).smallestSeenPaM3S).toBeCloseTo((0.04 * 100) / 43_200, 9);
    const fell = [q(101, 'kPa'), q(99, 'kPa')].map((atmosphere, i) => ({
      ...{ seconds: i * 43_200, temperature: q(20, 'C'), atmosphere },
      pressure: q(500 + 2 * i, 'kPag'),
    }));
    expect(Math.abs(held([], { ...bare, samples: fell }).leakPaM3S)).toBeLessThan(1e-9);
  });
  test('warmed by 10 K a gauge of 70 bar wanders 14 kPa; its maker’s figure counts instead', () => {
    const warmed = (of: object) => held([[0, 3000, 20], [60, 3000, 30]], { ...bare, gauge: { resolution: q(0, 'kPa'), ...of } }).smallestSeenPaM3S; // prettier-ignore
    expect(warmed({ range: q(70, 'bar') })).toBeCloseTo((0.04 * 14_000) / 3600, 6);
    expect(warmed({ range: q(70, 'bar'), perKelvin: q(0.1, 'kPa') })).toBeCloseTo((0.04 * 1000) / 3600, 6);
  });
  test('told: a night at low pressure, a thermometer nobody has', () => {
    expect(gauge(12).cautions.map(({ code }) => code)).toEqual(['sure-thermometer', 'front-passing']);
    expect(gauge(7).cautions.map(({ code }) => code)).toEqual(['sure-thermometer']);
  });
});

test('carbon dioxide’s high side is held at 120 bar; above 16 MPa, and with another gas, nothing is', () => {
  const at = (bara: number, gas?: string) =>
    hold(request([[0, bara * 100, 20], [60, bara * 100, 20]], gas === undefined ? {} : { gas })); // prettier-ignore
  expect(at(121).ok).toBe(true);
  expect(at(121, 'nitrogen-hydrogen-5').ok).toBe(true);
  expect(refusedAt(request([[0, 16_100, 20], [60, 16_100, 20]]))).toBe('samples[0].pressure'); // prettier-ignore
  for (const gas of ['oxygen', 'air', 'carbon-dioxide', 'acetylene']) {
    const found = at(30, gas);
    expect(found.ok ? null : found.errors).toEqual([expect.objectContaining({ kind: 'test-gas', field: 'gas', word: gas })]);
  }
});

describe('a leak of refrigerant is told only where something pushes it out', () => {
  const grams = (refrigerant: string, kPa: number, celsius: number) =>
    held([[0, kPa, celsius], [60, kPa - 2, celsius]], { refrigerant }).gramsPerYear; // prettier-ignore

  // Isobutane boils at -11.7 °C: below that its vapour is under the air's pressure.
  test.each([
    ['R-600a', 1000, -15, false],
    ['R-600a', 1000, 0, true],
    ['R-134a', 1000, 20, true],
  ])('%s at %s kPa and %s °C', (refrigerant, kPa, celsius, isTold) => expect(grams(refrigerant, kPa, celsius) !== null).toBe(isTold));

  test('twice the grams are twice the leak; none, or a pressure outside the table, is no question', () => {
    const at = { refrigerant: 'R134a', pressure: q(1000, 'kPa'), temperature: q(20, 'C') };
    const wanted = (rest: Partial<Parameters<typeof wantedLeakPaM3S>[0]>) => wantedLeakPaM3S({ ...at, gramsPerYear: 100, ...rest });
    expect((wanted({ gramsPerYear: 200 }) ?? 0) / (wanted({}) ?? 1)).toBeCloseTo(2, 9);
    expect(wanted({ gramsPerYear: 0 })).toBeNull();
    expect(wanted({ pressure: q(17_000, 'kPa') })).toBeNull();
    expect(wanted({ temperature: q(80, 'C') })).toBeNull();
  });

  test('high up the air holds less against it: the same grams are a smaller leak of nitrogen', () => {
    const at = { refrigerant: 'R134a', gramsPerYear: 100, pressure: q(1000, 'kPa'), temperature: q(0, 'C'), side: 'low' as const };
    // R-134a at 20 °C: 571.7 kPa, its low side running; 79.5 kPa of air at 2000 m.
    const ratio = (air: number) => (571.7 ** 2 - air ** 2) / (1000 ** 2 - air ** 2);
    const sea = wantedLeakPaM3S(at) ?? 0;
    const high = wantedLeakPaM3S({ ...at, altitude: q(2000, 'm') }) ?? 0;
    expect(sea / high).toBeCloseTo(ratio(79.5) / ratio(101.3), 2);
  });
});

const two = [[0, 1000, 20], [9, 1000, 20]] as const; // prettier-ignore
test.each([
  ['a leak that is no leak', { wantedLeakPaM3S: 0 }, 'wantedLeakPaM3S'],
  ['a thermometer that is none', { temperatureUncertaintyK: 21 }, 'temperatureUncertaintyK'],
  ['more than all of the volume', { unfollowedShare: 1.1 }, 'unfollowedShare'],
  ['a step above any gauge', { gauge: { resolution: q(1.1, 'MPa') } }, 'gauge.resolution'],
  ['a drift above any gauge', { gauge: { resolution: q(1, 'kPa'), drift: q(1.1, 'MPa') } }, 'gauge.drift'],
  ['a whole plant', { volume: q(101, 'm3') }, 'volume'],
])('%s is refused at its field', (_what, rest, field) => expect(refusedAt(request(two, rest))).toBe(field));

test('a hold that lasts a month and a minute is refused; a month is not', () => {
  const month = 31 * 24 * 60;
  expect(refusedAt(request([[0, 1000, 20], [month, 1000, 20]]))).toBeNull(); // prettier-ignore
  expect(refusedAt(request([[0, 1000, 20], [month + 1, 1000, 20]]))).toBe('samples[1].seconds'); // prettier-ignore
});

test.each([
  ['one sample', request([[0, 1000, 20]]), 'samples'],
  ['samples out of order', request([[10, 1000, 20], [10, 1000, 20]]), 'samples[1].seconds'], // prettier-ignore
  ['a vacuum', request([[0, 50, 20], [9, 50, 20]]), 'samples[0].pressure'], // prettier-ignore
  ['hotter than nitrogen’s table', request([[0, 1000, 90], [9, 1000, 20]]), 'samples[0].temperature'], // prettier-ignore
  ['no volume', request([[0, 1000, 20], [9, 1000, 20]], { volume: q(0, 'L') }), 'volume'], // prettier-ignore
  ['an unknown refrigerant', request([[0, 1000, 20], [9, 1000, 20]], { refrigerant: 'R-999' }), 'refrigerant'], // prettier-ignore
])('%s is refused at its field', (_what, asked, field) => expect(refusedAt(asked)).toBe(field));
