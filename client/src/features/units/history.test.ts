import type { UnitJoint, UnitLeak } from '@kesto/contract';
import { historyByPlace } from './history';

const leak = (place: string, on: string, circuitId = 'c'): UnitLeak => ({
  ...{ circuitId, place, on, jobId: 'job', jobNumber: 31, gramsPerYear: null },
});
const joint = (tag: string, part: string | null, madeOn: string | null): UnitJoint => ({
  ...{ id: tag, circuitId: 'c', tag, title: tag, state: 'accepted', madeOn },
  at: part === null ? null : { part, from: part, to: 'x' },
});

test('a place is told once, with its leaks and its joints; the last thing that happened comes first', () => {
  const leaks = [
    leak('drier', '2026-03-01'),
    leak('valve', '2026-01-05'),
    leak('drier', '2025-02-01'),
    leak('coil', '2026-09-09', 'other'),
  ];
  const joints = [joint('A-3', 'valve', '2026-05-02'), joint('A-2', null, '2026-11-01'), joint('A-1', 'drier', null)];
  expect(historyByPlace({ leaks, joints }, 'c').map(({ place, leaks: l, joints: j }) => [place, l.length, j.map((x) => x.tag)])).toEqual([
    ['valve', 1, ['A-3']],
    ['drier', 2, ['A-1']],
    [null, 0, ['A-2']],
  ]);
});
