import { holdCurve, seenAfter, type HoldRequest } from '.';

const q = (value: number, unit: string) => ({ value, unit });
const held = (bars: readonly number[], rest: Partial<HoldRequest> = {}): HoldRequest => ({
  ...{ volume: q(2, 'L'), gauge: { resolution: q(1, 'kPa') }, temperatureUncertaintyK: 0.3, wantedLeakPaM3S: 0.05 },
  samples: bars.map((bar, i) => ({ seconds: 900 + 600 * i, pressure: q(bar, 'barg'), temperature: q(18, 'C') })),
  ...rest,
});
const curve = (...given: Parameters<typeof held>) => {
  const result = holdCurve(held(...given));
  if (!result.ok) throw new Error(JSON.stringify(result.errors));
  return result.value;
};

test('at one warmth the change is what the gauge lost', () => {
  const { points, wantedPaPerS } = curve([20, 19.9, 19.8]);
  expect(points.map(({ changePa }) => Math.round(changePa / 1000))).toEqual([0, -10, -20]);
  // 0.05 Pa m3/s out of 2 L: 25 Pa a second.
  expect(wantedPaPerS).toBeCloseTo(25, 6);
});

test('the sun alone moves the gauge and not the curve: 20 barg at 18 °C read 20.72 at 28 °C', () => {
  const warm = curve([], {
    samples: [
      { seconds: 0, pressure: q(20, 'barg'), temperature: q(18, 'C') },
      { seconds: 1800, pressure: q(20.758, 'barg'), temperature: q(28, 'C') },
    ],
  });
  // 21.013 bar absolute x 301.15 / 291.15 = 21.735, and 0.036 for the real gas.
  expect(Math.abs(warm.points[1]?.changePa ?? 1e9)).toBeLessThan(1500);
});

test('where the leak looked for would leave the band, there the verdict comes', () => {
  const early = [0, 300].map((seconds) => ({ seconds, pressure: q(20, 'barg'), temperature: q(18, 'C') }));
  const { bandPa, wantedPaPerS, answersAtS } = curve([], { samples: early, wantedLeakPaM3S: 0.005 });
  // 0.005 Pa m3/s out of 2 L: 2.5 Pa a second. What hides hardly grows meanwhile, so that the fall crosses it there.
  expect(answersAtS).not.toBeNull();
  expect(Math.abs((answersAtS ?? 0) - bandPa / (wantedPaPerS ?? 1))).toBeLessThan(0.05 * (answersAtS ?? 0));
});

test('once it is told nothing is waited for', () => expect(curve([20, 20, 20, 20]).answersAtS).toBeNull());

test('twice as long sees half as small a leak, as long as nothing drifts', () => {
  const [short, long] = [seenAfter(held([20, 20, 20]), 1200), seenAfter(held([20, 20, 20]), 2400)];
  expect(short.ok && long.ok && short.value.leakPaM3S / long.value.leakPaM3S).toBeCloseTo(2, 6);
});

test('what cannot be read is refused by its field', () => {
  const result = holdCurve(held([20]));
  expect(result.ok ? [] : result.errors).toMatchObject([{ field: 'samples' }]);
});
