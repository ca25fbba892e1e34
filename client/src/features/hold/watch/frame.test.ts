import { endOf, frameOf, shownReadings, stepPath, ticksOf, type ChartFacts } from './frame';

const reading = (seconds: number, gaugePa = 2e6, celsius = 18) => ({ seconds, gaugePa, celsius });
const facts = (rest: Partial<ChartFacts> = {}): ChartFacts => ({
  tracks: {
    steps: [
      { seconds: 60, gaugePa: 345_000 },
      { seconds: 600, gaugePa: 2e6 },
    ],
    readings: [],
  } as unknown as ChartFacts['tracks'], // cast: what is drawn of them
  ...{ beganAt: '2026-11-24T08:00:00.000Z', nowS: 1200, shutS: 900, settledS: 1800, plannedMinutes: 60, fullKpag: 2000, curve: null },
  ...rest,
});

describe('how far the paper of a hold goes', () => {
  test('a fill has three quarters of an hour, or as long as it takes', () => {
    expect(endOf(facts({ settledS: null }))).toBe(2700);
    expect(endOf(facts({ settledS: null, nowS: 5000 }))).toBe(5000);
  });

  test('a hold to its planned end, further where it has gone on or answers later', () => {
    expect(endOf(facts())).toBe(1800 + 3600);
    expect(endOf(facts({ nowS: 9000 }))).toBe(9000);
    const curve = { answersAtS: 5000, points: [], bandPa: 0 } as unknown as ChartFacts['curve']; // cast: what is read of it
    expect(endOf(facts({ curve }))).toBe(1800 + 5000);
  });
});

describe('where it is drawn', () => {
  test('time goes from left to right, and a short fill beside a long hold keeps room for its steps', () => {
    const { x, left, right } = frameOf(facts({ plannedMinutes: 24 * 60 }), 800, 340);
    expect([x(0), x(1800)].map(Math.round)).toEqual([left, Math.round(left + 0.28 * (right - left))]);
    expect(x(88_000)).toBeLessThanOrEqual(right);
  });

  test('what is lost goes down, what is gained up, from one line', () => {
    const frame = frameOf(facts(), 800, 340);
    expect(frame.change(-1000)).toBeGreaterThan(frame.zero);
    expect(frame.change(1000)).toBeLessThan(frame.zero);
    expect(frame.zero).toBeGreaterThan(frame.top);
    expect(frame.zero).toBeLessThan(frame.heldEnd);
  });

  test('a steady gauge is drawn as one: the scale is never finer than the hold could see', () => {
    const steady = facts({ tracks: { steps: [], readings: [reading(2000), reading(3000)] } as unknown as ChartFacts['tracks'] }); // cast: as above
    const { gauge } = frameOf(steady, 800, 340);
    expect(Math.abs(gauge(2e6) - gauge(2e6 + 100))).toBeLessThan(1);
  });

  test('once it is shut the fill’s own readings are no longer drawn', () => {
    const tracks = { steps: [], readings: [reading(300), reading(1000), reading(2000)] } as unknown as ChartFacts['tracks']; // cast: as above
    expect(shownReadings(facts({ tracks })).map(({ seconds }) => seconds)).toEqual([1000, 2000]);
    expect(shownReadings(facts({ tracks, shutS: null }))).toHaveLength(3);
  });
});

test('a fill is a stair: level until each step, and to its end', () => {
  const path = stepPath(facts().tracks, 900);
  expect(path).toEqual([[0, 0], [35, 0], [60, 345_000], [575, 345_000], [600, 2e6], [900, 2e6]]); // prettier-ignore
});

test('clock times under the axis never touch', () => {
  const frame = frameOf(facts({ plannedMinutes: 600 }), 358, 330);
  const at = ticksOf(frame, '2026-11-24T08:00:00.000Z', { count: 8, apart: 56 }).map((seconds) => frame.x(seconds));
  expect(at.length).toBeGreaterThan(1);
  for (const [i, x] of at.entries()) if (i > 0) expect(x - at[i - 1]!).toBeGreaterThanOrEqual(56);
});
