import { pumpDown, secondsAt, secondsTo, speedAtCircuit, type Hose, type Pumping } from './forecast';

const WIDE: Hose = { boreM: 0.1, lengthM: 0.1, coreBoreM: null };
const NARROW: Hose = { boreM: 0.0046, lengthM: 1.5, coreBoreM: 0.003 };
const pumping = (hoses: readonly Hose[], rest: Partial<Pumping> = {}): Pumping => ({
  ...{ volumeM3: 0.02, speedM3PerS: 0.002, ultimatePa: 0.01, atmospherePa: 101_325, hoses },
  ...rest,
});

test('through a hose that holds nothing up it takes volume over speed, times the logarithm of the pressures', () => {
  // 20 L at 2 L/s: 10 s for each factor e; from 760 Torr to 1 Torr 10 ln 760.
  expect(secondsTo(pumping([WIDE]), 133.322)).toBeCloseTo(66.3, 0);
});

test('a core that is left in lets by its hole and no more', () => {
  // 11.6 L/s a cm2: a hole of 3 mm 0.82 L/s; behind it a pump of 2 L/s moves 1 / (1/0.82 + 1/2) = 0.58 L/s.
  expect(speedAtCircuit(pumping([{ ...WIDE, coreBoreM: 0.003 }]), 10)).toBeCloseTo(0.000_581, 5);
});

test('two hoses move more than one and less than twice as much; none moves more than the pump', () => {
  for (const pa of [50, 500, 5_000, 50_000]) {
    const [one, two] = [speedAtCircuit(pumping([NARROW]), pa), speedAtCircuit(pumping([NARROW, NARROW]), pa)];
    expect(two).toBeGreaterThan(one);
    expect(two).toBeLessThan(2 * one);
    expect(two).toBeLessThan(0.002);
  }
});

test('the denser the gas the better a hose leads it, from the first pressure to the last', () => {
  const speeds = Array.from({ length: 200 }, (_, i) => speedAtCircuit(pumping([NARROW]), 2 * 10 ** (i / 45)));
  for (const [i, speed] of speeds.entries()) expect(speed).toBeGreaterThanOrEqual((speeds[i - 1] ?? 0) * (1 - 1e-9));
});

test('what the pump does not reach has no time', () => {
  expect(secondsTo(pumping([WIDE], { ultimatePa: 20 }), 20)).toBeNull();
});

/** Of this process [ms]: what the processor did, however busy the machine is. */
function workedMs(): number {
  const { process } = globalThis as unknown as { process: { cpuUsage(): { user: number; system: number } } }; // cast: the tests run in Node
  const { user, system } = process.cpuUsage();
  return (user + system) / 1000;
}

test('a forecast with cores and two hoses is there before a letter more is typed', () => {
  const began = workedMs();
  pumpDown(pumping([NARROW, NARROW]), 20);
  expect(workedMs() - began).toBeLessThan(200);
});

describe('read between its points', () => {
  const FALLING = [1_000, 100, 10].map((pa, i) => ({ seconds: 10 * i, pa }));
  test.each([
    [2_000, 0],
    [1_000, 0],
    [316.23, 5],
    [10, 20],
    [5, null],
  ])('%f Pa at %p s', (pa, seconds) => {
    const at = secondsAt(FALLING, pa);
    if (seconds === null) expect(at).toBeNull();
    else expect(at).toBeCloseTo(seconds, 3);
  });
});
