import { beginningsOf, hasAll, wordsOf } from './words';

test('a tag is found whole and by its parts, letters without their marks', () => {
  expect(wordsOf(['GH2-06', 'Vérane’s liquid/gas line', null])).toEqual([
    ...['gh2-06', 'gh2', '06', 'verane’s', 'verane', 's', 'liquid/gas', 'liquid', 'gas', 'line'],
  ]);
});

test.each([
  ['liq val', true],
  ['VALVE', true],
  ['alve', false],
  ['gh2-0', true],
  ['valve gas', false],
  ['%', false],
  ['  ', false],
])('%j finds “GH2-06 liquid valve”: %s', (text, found) =>
  expect(hasAll(wordsOf(['GH2-06', 'liquid valve']), beginningsOf(text))).toBe(found),
);
