import { proposedJoints, TEMPLATE_CIRCUITS, type CircuitGraph } from '..';

const LINE: CircuitGraph = {
  parts: [
    { id: 'receiver', kind: 'receiver' },
    { id: 'drier', kind: 'drier' },
    { id: 'glass', kind: 'sight-glass' },
    { id: 'gauge', kind: 'port' },
  ],
  links: [
    { from: 'receiver', to: 'drier' },
    { from: 'drier', to: 'glass' },
    { from: 'drier', to: 'gauge' },
  ],
};

test('a drier has two ends; the port that hangs on it is screwed on', () => {
  expect(proposedJoints(LINE, ['drier'], [])).toEqual([
    { part: 'drier', from: 'receiver', to: 'drier', end: 'inlet' },
    { part: 'drier', from: 'drier', to: 'glass', end: 'outlet' },
  ]);
});

test('a new piece of tube has a joint at each end, told once where the drier is changed as well', () => {
  expect(proposedJoints(LINE, ['drier>glass', 'drier'], []).map(({ part, end }) => `${part} ${end}`)).toEqual([
    'glass inlet',
    'drier outlet',
    'drier inlet',
  ]);
});

test('what is planned already is not proposed again', () => {
  expect(proposedJoints(LINE, ['drier'], [{ part: 'drier', from: 'receiver', to: 'drier' }])).toHaveLength(1);
});

test('a reversing valve has four stubs', () => {
  const heatPump = Object.values(TEMPLATE_CIRCUITS).find(({ parts }) => parts.some(({ kind }) => kind === 'reversing-valve'))!;
  const valve = heatPump.parts.find(({ kind }) => kind === 'reversing-valve')!;
  expect(proposedJoints(heatPump, [valve.id], [])).toHaveLength(4);
});

test('nothing is proposed at what is not drawn', () => {
  expect(proposedJoints(LINE, ['elsewhere', 'a>b'], [])).toEqual([]);
});
