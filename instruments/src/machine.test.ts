import { molesAt, pressurePa } from './gas';
import { Machine, type World } from './machine';

const WORLD: World = {
  ...{ seed: 7, volumeL: 3, ambientC: 18, leakAt: null, leakPaM3S: 0, swingK: 0 },
  ...{ gauge: { stepKpa: 0.1, noiseKpa: 0 }, clamp: { stepK: 0.01, noiseK: 0 } },
};

test('nitrogen at 30 bar and 20 °C lies within 0.3 % of its reference: Z = 0.9944', () => {
  const moles = molesAt(3e6, 1e-3, 293.15);
  expect((3e6 * 1e-3) / (moles * 8.314462618 * 293.15)).toBeCloseTo(0.9944, 2);
  expect(pressurePa(moles, 1e-3, 293.15)).toBeCloseTo(3e6, 0);
});

test('it is warm after the fill, settles in minutes, and then stands', () => {
  const machine = new Machine(WORLD);
  machine.standAt(2500);
  const filled = machine.read().gaugeKpa;
  machine.pass(1200);
  const settled = machine.read().gaugeKpa;
  machine.pass(3600);
  expect(filled).toBeCloseTo(2500, 0);
  expect(filled - settled).toBeGreaterThan(10);
  expect(Math.abs(machine.read().gaugeKpa - settled)).toBeLessThan(3);
});

test('a leak of 0.03 Pa m3/s takes 36 kPa an hour out of 3 L', () => {
  const machine = new Machine({ ...WORLD, leakAt: 'joint', leakPaM3S: 0.03 });
  machine.standAt(2500);
  machine.pass(1800);
  const from = machine.read().gaugeKpa;
  machine.pass(3600);
  // 0.03 / 0.003 = 10 Pa a second, a little less as it falls.
  expect(from - machine.read().gaugeKpa).toBeGreaterThan(33);
  expect(from - machine.read().gaugeKpa).toBeLessThan(37);
});

test('soap bubbles where it leaks, under pressure alone', () => {
  const machine = new Machine({ ...WORLD, leakAt: 'joint', leakPaM3S: 0.03 });
  expect(machine.bubblesAt('joint')).toBe(false);
  machine.standAt(345);
  expect([machine.bubblesAt('joint'), machine.bubblesAt('hose')]).toEqual([true, false]);
});

test('the same seed shows the same figures', () => {
  const shown = () => {
    const machine = new Machine({ ...WORLD, gauge: { stepKpa: 1, noiseKpa: 2 } });
    machine.standAt(1000);
    return Array.from({ length: 20 }, () => (machine.pass(10), machine.read().gaugeKpa));
  };
  expect(shown()).toEqual(shown());
});
