import { vacuumMachine } from './vacuumMachine';
import { vacuumWorldOf, type VacuumScenario } from './scenarios';

const begun = (scenario: VacuumScenario, seed = 3) =>
  vacuumMachine(vacuumWorldOf(scenario, { seed, volumeL: 8, coldestC: 12, pumpLPerS: 2.5, ultimatePa: 3.3 }));
type Machine = ReturnType<typeof begun>;
const pa = (machine: Machine) => (machine.read()?.[0] ?? Number.NaN) * 0.1;
/** What it stands at after the pump was shut off for so long. */
const risen = (machine: Machine, minutes: number) => {
  machine.act({ kind: 'valve-shut', values: {} });
  machine.pass(minutes * 60);
  return pa(machine);
};

test('a dry circuit is under 50 Pa in half an hour and stays there', () => {
  const machine = begun('dry');
  machine.pass(1800);
  expect(pa(machine)).toBeLessThan(50);
  expect(risen(machine, 12)).toBeLessThan(66);
});

test('a wet one hangs above, rises to water’s own pressure, and is dry after two breaks', () => {
  const machine = begun('wet');
  machine.pass(1200);
  expect(pa(machine)).toBeGreaterThan(60);
  // Water at 12 °C: 1 403 Pa by the steam tables.
  const wet = risen(machine, 20);
  expect(wet).toBeGreaterThan(420);
  expect(wet).toBeLessThan(1700);
  for (const _ of [1, 2]) {
    machine.act({ kind: 'broken-with-nitrogen', values: {} });
    machine.pass(2400);
  }
  expect(risen(machine, 12)).toBeLessThan(66);
  // All its water gone, it still has a pressure.
  machine.act({ kind: 'pumped-on', values: {} });
  machine.pass(40_000);
  expect(pa(machine)).toBeGreaterThan(0);
});

test('one that leaks goes straight on, and off the scale no figure is shown', () => {
  const machine = begun('leaking');
  expect(machine.read()).toBeNull();
  machine.pass(3600);
  machine.act({ kind: 'valve-shut', values: {} });
  machine.pass(300);
  const first = pa(machine);
  machine.pass(600);
  const second = pa(machine);
  machine.pass(600);
  expect((pa(machine) - second) / (second - first)).toBeCloseTo(1, 1);
});
