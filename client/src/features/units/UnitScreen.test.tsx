import type { UnitHistory } from '@kesto/contract';
import { TEMPLATE_CIRCUITS } from '@kesto/core';
import { screen } from '@testing-library/react-native';
import { dayWith } from '@/testing/jobs';
import { CIRCUIT, SITE } from '@/testing/joints';
import { press, showScreen, went } from '@/testing/screen';
import { UnitScreen } from './UnitScreen';

const [FIRST, SECOND] = ['circuit 1', 'circuit 2'].map((name) => ({ ...CIRCUIT, id: name, name }));
const UNIT = { id: 'u', tag: 'DR1', name: 'seed-drying unit', kind: 'rooftop-unit', site: SITE, sisters: [], circuits: [FIRST, SECOND] };
const rooftop = TEMPLATE_CIRCUITS['rooftop-circuit'];
const graph = { ...rooftop, parts: rooftop.parts.map((part) => (part.id === 'condenser' ? { ...part, fan: 'roof fan' } : part)) };
const DRAWN = { drawing: { circuit: graph, by: 'Ilta Varro', at: '2026-05-10T08:00:00.000Z' } };
const HISTORY: UnitHistory = {
  leaks: [{ circuitId: 'circuit 2', place: 'drier', on: '2026-04-03', jobId: 'job', jobNumber: 21, gramsPerYear: 400 }],
  joints: [
    {
      ...{ id: 'joint', circuitId: 'circuit 1', tag: 'DR1-21', title: 'New elbow', state: 'accepted', madeOn: '2026-04-04' },
      at: { part: 'condenser', from: 'compressor', to: 'condenser' },
    },
  ],
  jobs: [{ id: 'old', circuitId: 'circuit 1', number: 12, title: 'drier changed', done: true }],
};

const show = () =>
  showScreen(<UnitScreen id="u" />, {
    answers: {
      'GET units/u': UNIT,
      'GET sites/after/first': { sites: [SITE], next: null },
      'GET today': dayWith({ jobs: [] }),
      'GET units/u/history': HISTORY,
      'GET circuits/*/drawing': DRAWN,
    },
  });

test('both circuits stand on one drawing, and each can be opened', async () => {
  await show();
  expect(screen.getAllByLabelText('the circuit')).toHaveLength(1);
  await press('Open circuit 2');
  expect(went()).toEqual(['/units/u/circuits/circuit 2']);
});

test('what leaked and what was made is told by place, and leads to its job and joint', async () => {
  await show();
  await press('leak, 0.40 kg a year, 3 Apr 2026, job 21');
  await press(/New elbow: accepted, brazed 4 Apr 2026/);
  await press('job 12, drier changed');
  expect(went()).toEqual(['/jobs/job/find', '/joints/joint', '/jobs/old']);
});
