import type { Isolation } from '@kesto/core';
import { numbersOf, stepsOf } from './steps';

const way = (rest: object): Isolation =>
  ({ method: 'pump-down', open: [], close: [], closeAfter: [], why: [], ...rest }) as unknown as Isolation; // cast: what is read of it

test('a pump-down opens first, shuts, runs down, waits, and shuts what is behind', () => {
  const steps = stepsOf(way({ open: ['solenoid'], close: ['king'], closeAfter: ['suction'] }));
  expect(steps.map(({ number, does, parts }) => [number, does, parts.join()])).toEqual([
    [1, 'open', 'solenoid'],
    [2, 'shut', 'king'],
    [3, 'run-down', ''],
    [4, 'wait', ''],
    [5, 'shut-after', 'suction'],
  ]);
});

test('what has to be held open is a step of its own', () => {
  const steps = stepsOf(way({ open: ['a', 'coil'], close: ['king'], why: [{ code: 'held-open', parts: ['coil'] }] }));
  expect(steps.slice(0, 2)).toMatchObject([{ does: 'open', parts: ['a'] }, { does: 'hold-open', parts: ['coil'] }]); // prettier-ignore
});

test('a section is shut off before it is recovered; all of it needs no valve', () => {
  expect(stepsOf(way({ method: 'recover-section', close: ['a', 'b'] })).map(({ does }) => does)).toEqual(['shut-off', 'recover']);
  expect(stepsOf(way({ method: 'recover-all' })).map(({ does }) => does)).toEqual(['recover']);
});

test('a part that is turned twice carries both numbers on the drawing', () => {
  expect(numbersOf(way({ open: ['king'], close: ['king'] })).get('king')).toEqual([1, 2]);
});
