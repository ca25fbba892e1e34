import { answer, ask, refusal } from './testing/ask';

const CIRCUIT = {
  parts: [
    { id: 'comp', kind: 'compressor' },
    { id: 'cond', kind: 'condenser' },
    { id: 'king', kind: 'valve', open: false },
    { id: 'drier', kind: 'drier' },
    { id: 'exp', kind: 'expansion-valve' },
    { id: 'evap', kind: 'evaporator' },
    { id: 'liquid', kind: 'port' },
    { id: 'suction', kind: 'port' },
  ],
  links: [
    ...[['comp', 'cond'], ['cond', 'king'], ['king', 'drier'], ['drier', 'exp'], ['exp', 'evap'], ['evap', 'comp']], // prettier-ignore
    ...[['cond', 'liquid'], ['evap', 'suction']], // prettier-ignore
  ].map(([from, to]) => ({ from, to })),
};
const asked = (rest: object = {}) => ({
  ...{ circuit: CIRCUIT, ports: ['suction'], inlet: 'liquid' },
  joints: [
    { id: '10', a: 'drier', b: 'exp' },
    { id: '09', a: 'king', b: 'drier' },
  ],
  ...rest,
});

test('sequence answers its keys: the joint, where gas goes in and out, what is opened for it, and why', () => {
  const found = answer('sequence', asked());
  expect(Object.keys(found).sort()).toEqual(['order', 'rigChanges']);
  expect(found).toEqual({
    order: [
      { joint: '09', inlet: 'liquid', outlet: '10', open: ['king', '10'], why: 'while 10 is open, gas leaves there' },
      {
        ...{ joint: '10', inlet: 'liquid', outlet: 'suction', open: ['king', 'suction'] },
        why: 'gas leaves at suction, its core out; last: nothing else is open',
      },
    ],
    rigChanges: 0,
  });
});

test('no order: exit 2, the joints and the part to open named', () => {
  const refused = refusal(ask('sequence', asked({ ports: [], joints: [{ id: '09', a: 'king', b: 'drier' }] })));
  expect(refused).toMatchObject({ code: 'no-order', field: 'joints' });
  expect(refused.message).toMatch(/09 .*open suction/);
});

test.each<[string, object, string]>([
  ['a part that is not drawn', { inlet: 'nowhere' }, 'inlet'],
  ['a key nobody knows', { order: [] }, 'order'],
  ['no joint', { joints: [] }, 'joints'],
])('%s is refused by its field', (_, rest, field) => expect(refusal(ask('sequence', asked(rest))).field).toBe(field));
