import { glanceOf } from './glance';
import { mmss } from './mmss';
import { riseFrame } from './riseFrame';
import { ticksFor, tracksOf } from './tracks';
import type { PullWatchWork } from './usePullWatch';

const BEGAN = '2026-11-24T08:00:00.000Z';
const after = (seconds: number) => new Date(Date.parse(BEGAN) + seconds * 1000).toISOString();
const pull = (rest: object = {}) => ({ id: 'p', began: { at: BEGAN, values: { limitPa: 66.7, waterPa: 2339 } }, turns: [], ...rest });
const watch = (rest: object = {}) =>
  ({
    ...{ pull: pull(), pulls: [pull()], moments: [], now: Date.parse(BEGAN) + 300_000, state: 'pumping', forecast: [], breaks: [] },
    ...{ readings: [], watchedS: 0, judged: null, isHeld: false },
    ...rest,
  }) as unknown as PullWatchWork; // cast: what these pictures read of it

describe('a pull on its paper', () => {
  test('begins at the pressure of the air and has ten minutes at least', () => {
    const { lines, endS } = tracksOf(watch({ moments: [{ at: after(120), pa: 400 }] }));
    expect(lines).toEqual([[[0, 101_325], [120, 400]]]); // prettier-ignore
    expect(endS).toBeCloseTo(624, 6);
  });

  test('a break with nitrogen parts the line, and the next begins at the air again', () => {
    const breaks = [{ at: after(900), reachedPa: 200, minutes: 10 }];
    const { lines, breaks: drawn } = tracksOf(watch({ moments: [{ at: after(200), pa: 200 }, { at: after(1200), pa: 60 }], breaks })); // prettier-ignore
    expect(lines.map((line) => line.map(([seconds]) => seconds))).toEqual([[0, 200], [900, 1200]]); // prettier-ignore
    expect(drawn).toEqual([{ reachedPa: 200, to: 900, from: 300 }]);
  });

  test('where it was shut off is marked', () => {
    const turned = pull({ turns: [{ kind: 'valve-shut', at: after(500) }, { kind: 'pumped-on', at: after(700) }] }); // prettier-ignore
    expect(tracksOf(watch({ pull: turned, pulls: [turned] })).shut).toEqual([500]);
  });

  test('clock times are round, inside the paper, and no more than there is room for', () => {
    const ticks = ticksFor(Date.parse(BEGAN), 3600, 358);
    expect(ticks.length).toBeGreaterThan(1);
    expect(ticks.length).toBeLessThanOrEqual(4);
    expect(ticks.every(({ seconds, text }) => seconds < 3600 && /^\d\d:\d\d$/.test(text))).toBe(true);
  });
});

describe('a rise among what it could be', () => {
  test('the limit is the lower of the shop’s and what water allows; water and a leak go up from where it began', () => {
    const cold = pull({ began: { at: BEGAN, values: { limitPa: 66.7, waterPa: 100 } } });
    expect(riseFrame(watch({ pull: cold, readings: [{ seconds: 0, pa: 20 }] })).limitPa).toBeCloseTo(30, 6);
    const { water, leak, points } = riseFrame(watch({ readings: [{ seconds: 0, pa: 20 }, { seconds: 60, pa: 24 }] })); // prettier-ignore
    expect(points).toEqual([[0, 20], [60, 24]]); // prettier-ignore
    for (const line of [water, leak]) {
      expect(line[0]?.[1]).toBeCloseTo(20, 6);
      expect(line.at(-1)![1]).toBeGreaterThan(20);
    }
  });

  test('where it began above the limit no leak is drawn going down', () => {
    expect(riseFrame(watch({ readings: [{ seconds: 0, pa: 90 }] })).leak).toEqual([]);
  });
});

describe('at first glance', () => {
  const judged = (verdict: string) => ({
    ...{ verdict, reasons: [], model: 'plateau', plateauPa: 30, straightPaPerS: null, limitPa: 66.7, leakPaM3S: null, gramsPerYear: null },
    ...{ minutes: 12, readings: 13, endPa: 31 },
  });

  test('while it pumps it says so, and judges nothing', () => expect(glanceOf(watch()).tone).toBe('ink'));

  test('a verdict so far is marked as that, with the readings that are still needed', () => {
    const { title, says } = glanceOf(watch({ state: 'watching', judged: judged('cannot-tell'), readings: [{}, {}] }));
    expect(title).toMatch(/^Cannot tell yet, /);
    expect(says).toMatch(/8 readings at least, 2 so far/);
  });

  test('dry says whether it was ever shown to be tight', () => {
    const of = (isHeld: boolean) => glanceOf(watch({ state: 'judged', judged: judged('tight-and-dry'), isHeld }));
    expect(of(true).tone).toBe('teal');
    expect(of(true).says).not.toBe(of(false).says);
    expect(of(false).says).toMatch(/there was no hold/);
  });

  test.each(['leak', 'wet'])('%s is red', (verdict) =>
    expect(glanceOf(watch({ state: 'judged', judged: judged(verdict) })).tone).toBe('red'),
  );
});

test.each([[0, '0:00'], [65, '1:05'], [600.9, '10:00']] as const)('%d s is %s', (seconds, is) => expect(mmss(seconds)).toBe(is)); // prettier-ignore
