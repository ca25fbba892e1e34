import { screen } from '@testing-library/react-native';
import type { UnitHistory } from '@kesto/contract';
import { CIRCUIT } from '@/testing/joints';
import { press, showScreen, went } from '@/testing/screen';
import { DRAWN_SPLIT } from '@/testing/stages';
import { CircuitHistory } from './CircuitHistory';

const leak = (on: string, gramsPerYear: number | null) => ({
  circuitId: 'circuit',
  place: 'drier',
  on,
  jobId: 'j9',
  jobNumber: 24,
  gramsPerYear,
});
const joint = (rest: object = {}) => ({
  ...{ id: 'a', circuitId: 'circuit', tag: 'HS3-03', title: 'drier in', state: 'accepted', madeOn: '2026-03-02' },
  ...{ at: { part: 'drier', from: 'liquid-valve', to: 'drier' } },
  ...rest,
});
const show = (history: Partial<UnitHistory>, named = false) =>
  showScreen(<CircuitHistory circuit={CIRCUIT} named={named} history={{ leaks: [], joints: [], jobs: [], ...history }} />, {
    answers: { 'GET circuits/circuit/drawing': { drawing: { circuit: DRAWN_SPLIT, by: 'Ilta Varro', at: '2026-01-01T00:00:00.000Z' } } },
  });

test('a circuit that nothing happened on says what will stand here', async () => {
  await show({});
  expect(screen.getByText(/^None yet\./)).toBeTruthy();
});

test('leaks and joints stand by their place, with size and day, and lead to where they were noted', async () => {
  await show({ leaks: [leak('2026-02-01', 2300), leak('2025-02-01', null)], joints: [joint() as never] }, true); // cast: a joint of a unit
  expect(screen.getByText('Leaks and joints, main')).toBeTruthy();
  expect(screen.getByText('drier')).toBeTruthy();
  expect(screen.getByText(/^leak, 2\.30 kg a year, 1 Feb 2026, job 24/)).toBeTruthy();
  expect(screen.getByText(/^leak, 1 Feb 2025/)).toBeTruthy();
  await press(/^leak, 1 Feb 2025/);
  expect(went()).toEqual(['/jobs/j9/find']);
});

test('a joint that nobody put on the drawing is not lost', async () => {
  await show({ joints: [joint({ at: null, madeOn: null }) as never] }); // cast: as above
  expect(screen.getByText('not on the drawing')).toBeTruthy();
  expect(screen.getByText(/drier in: /)).toBeTruthy();
});
