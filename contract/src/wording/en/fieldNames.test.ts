import { KINDS, kindIds, type Spec } from '@kesto/core';
import { FIELD_NAMES, fieldWordText, stillOpenText } from '.';

/** What a small form can say anew. */
const TYPED: readonly Spec['of'][] = ['text', 'number', 'word', 'truth', 'orNothing'];
/** Kinds and fields that are noted anew instead, or are Kesto's own. */
const NOT_PUT_RIGHT = ['gate', 'points', 'point', 'kind', 'place', 'tag', 'calculator', 'role', 'values', 'chosen', 'check'];

const fields = kindIds()
  .filter(
    (kind) =>
      KINDS[kind].chains.some((chain) => chain !== ('shop' as string)) &&
      ![
        'isolation',
        'planned',
        'carried-over',
        'held',
        'pulled',
        'goes-on-from',
        'series-began',
        'series-stands',
        'report',
        'signed-off',
      ].includes(kind),
  )
  .flatMap((kind) => Object.entries(KINDS[kind].told).map(([key, { spec }]) => ({ kind, key, spec })))
  .filter(({ key, spec }) => TYPED.includes(spec.of) && !NOT_PUT_RIGHT.includes(key));

test.each(fields.map(({ kind, key }) => [kind, key]))('%s: its field %s has a name of its own where it is put right', (_kind, key) =>
  expect(FIELD_NAMES[key]).toEqual(expect.any(String)),
);

test('one of our ids is read as a word of the trade, never as an id', () => {
  expect(fieldWordText('method', 'gas-and-ear')).toBe('nitrogen and ear');
  expect(fieldWordText('result', 'not-reached')).toBe('not reached');
  expect(fieldWordText('choice', 'declined')).toBe('declined');
});

test('a stage says the first thing that keeps it open, and how many more there are', () => {
  expect(stillOpenText([])).toBeUndefined();
  expect(stillOpenText([{ gate: 'not-approved', open: [] }])).toBe('Still open: nobody has said yes to the work.');
  expect(
    stillOpenText([
      { gate: 'not-approved', open: [] },
      { gate: 'not-looked-on', open: [] },
    ]),
  ).toMatch(/; and 1 more\.$/);
});
