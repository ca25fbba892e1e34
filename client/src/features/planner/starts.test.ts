import { draftOf, BRASS_STUB, around, planOf } from '@/testing/joints';
import { comparable, compareRows } from './compareRows';
import { headline } from './PlanCard';
import { keepOwnStart, ownStarts, STARTS } from './starts';
import { planDraft } from './toRequest';

test.each(STARTS.map((s) => [s.name, s] as const))('%s: one tap and there is a whole plan', (_name, start) => {
  const { plan, problems } = planDraft(start.draft, around);
  expect(problems).toEqual({});
  expect(plan?.chosen).not.toBeNull();
  expect(plan?.rod).not.toBeNull();
  expect(plan && headline(plan).text).toMatch(/braze/i);
});

test('plated stubs never offer phosphorus filler', () => {
  for (const start of STARTS.filter((s) => s.draft.female.metal === 'copper-plated-steel')) {
    const { plan } = planDraft(start.draft, around);
    expect(plan?.chosen?.filler.family).toBe('silver');
  }
});

test('one’s own starting point is kept on the device, without the choice that was made', () => {
  keepOwnStart('our valve', draftOf({ female: BRASS_STUB, rest: { choose: 'BAg-36', reason: 'x' } }));
  keepOwnStart('our valve', draftOf({ female: { ...BRASS_STUB, cupDepth: '21 mm' } }));
  expect(ownStarts()).toHaveLength(1);
  expect(ownStarts()[0]?.draft.female.cupDepth).toBe('21 mm');
  localStorage.setItem('kesto.starts', 'broken');
  expect(ownStarts()).toEqual([]);
});

test('fillers side by side: the same joint, planned with each', () => {
  const draft = draftOf({ female: BRASS_STUB });
  const names = comparable(planOf(draft).plan);
  expect(names).not.toContain('BAg-1');
  const rows = Object.fromEntries(compareRows(draft, ['BAg-36', 'BCuP-5'], around).map((row) => [row.label, row.values]));
  expect(rows['flows at']).toEqual(['677 °C', '802 °C']);
  expect(rows['silver']).toEqual(['45 %', '15 %']);
  expect(rows['flux']).toEqual(['FB3-A', 'FB3-A']);
});
