import assert from 'node:assert/strict';
import { test } from 'node:test';
import { countFaults, nameOf } from '../lib/faults.mjs';
import { faultSection } from '../lib/faultTable.mjs';
import { loadTests } from '../lib/testBundle.mjs';

const fault = (status) => ({
  status,
  mutatorName: 'EqualityOperator',
  replacement: 'a  <=\n b',
  location: { start: { line: 3, column: 5 }, end: { line: 3, column: 10 } },
});

test('a fault that ran into the limit of time was noticed, one that no test reaches was not; one that was left out counts as neither', () => {
  const { planted, alive } = countFaults({
    'core/src/fit/gap.ts': { mutants: ['Killed', 'Timeout', 'Survived', 'NoCoverage', 'Ignored'].map(fault) },
  });
  assert.equal(planted, 4);
  assert.deepEqual(alive.map(nameOf), Array(2).fill('core/src/fit/gap.ts:3:4-3:9 EqualityOperator: a <= b'));
});

test('the page tells each folder and the whole', () => {
  const page = faultSection(
    {
      fit: { planted: 200, noticed: 190, measured: '2026-11-27' },
      unit: { planted: 100, noticed: 80, measured: '2026-11-26' },
    },
    ['fit', 'unit', 'reach'],
  );
  assert.match(page, /\| `core\/src\/fit` \| 95\.0 % \| 200 \| 2026-11-27 \|/);
  assert.match(page, /\| all of these \| 90\.0 % \| 300 \| \|/);
  assert.match(page, /Not measured yet: `reach`\./);
});

test('tests are found under their names, tables of cases row by row', async () => {
  const seen = [];
  const tests = loadTests(() => {
    globalThis.testsOf('core/src/fit/gap.test.ts', () => {
      globalThis.describe('a gap', () => {
        globalThis.test.each([[1, 2], [3, 4]])('%d and %d', (a, b) => seen.push(a + b)); // prettier-ignore
      });
    });
  });
  for (const found of tests) await found.run();
  assert.deepEqual(
    tests.map((found) => found.name),
    ['core/src/fit/gap.test.ts a gap 1 and 2', 'core/src/fit/gap.test.ts a gap 3 and 4'],
  );
  assert.deepEqual(seen, [3, 7]);
});
