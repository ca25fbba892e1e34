import { USUAL_PLACE } from '@/draft/drafts';
import { draftOf, BRASS_STUB, around, planOf } from '@/testing/joints';
import { comparable, compareRows } from '../fillers/compareRows';
import { planHeadline as headline } from '@kesto/contract/wording';
import { keepOwnStart, ownStarts, STARTS } from './starts';
import { planDraft } from '@/draft/toRequest';

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
  expect(rows['fully liquid at']).toEqual(['677 °C', '802 °C']);
  expect(rows['silver']).toEqual(['45 %', '15 %']);
  expect(rows['flux']).toEqual(['FB3-A', 'FB3-A']);
});

const NEAR_NOTHING = draftOf().near;
const warned = (draft: ReturnType<typeof draftOf>, surroundings = around) => {
  const { plan, problems } = planDraft(draft, surroundings);
  if (!plan) return Object.values(problems);
  return plan.cautions.filter((c) => c.severity !== 'note').map((c) => c.code);
};
const nearBy = (kind: 'expansion-valve' | 'soft-solder-joint' | 'sprinkler', distance: string) =>
  draftOf({ rest: { near: [...NEAR_NOTHING, { kind, distance, along: 'male', protection: 'none' }] } });
const smallCylinder = { waterVolume: { value: 2, unit: 'L' }, pressure: { value: 20, unit: 'barg' } };
const hotAcetylene = { ...USUAL_PLACE, fuel: 'oxy-acetylene', tipKw: '4.5', regulator: '1.4 barg' } as const;

describe('the right warning stands first', () => {
  test.each([
    ['a joint 60 mm from an expansion valve', nearBy('expansion-valve', '60 mm'), around, 'part-too-hot'],
    ['a soft-soldered coupling 100 mm away', nearBy('soft-solder-joint', '100 mm'), around, 'part-too-hot'],
    ['a sprinkler head 400 mm away', nearBy('sprinkler', '400 mm'), around, 'sprinkler-near'],
    ['acetylene at 140 kPa', draftOf({ rest: { place: hotAcetylene } }), around, 'acetylene-pressure'],
    ['a tube loose by 0.4 mm', draftOf({ female: { bore: '22.62 mm', cupDepth: '19 mm' } }), around, 'gap-loose'],
    ['a plated drier stub', draftOf({ female: { ...BRASS_STUB, metal: 'copper-plated-steel' } }), around, 'plated-steel'],
    ['a cylinder that cannot make the hold', draftOf(), { ...around, van: { ...around.van, cylinder: smallCylinder } }, 'cylinder-short'],
    [
      '2-1/8 in tube on 38 bar',
      draftOf({ male: { od: '2-1/8 in' }, rest: { side: 'discharge' } }),
      { ...around, circuit: { ...around.circuit, highSideDesignGaugePa: 38e5 } },
      'strength-short',
    ],
  ] as const)('%s', (_what, draft, surroundings, code) => expect(warned(draft, surroundings)[0]).toBe(code));

  test('an outlet that is shut, and ammonia, are refused in words', () => {
    expect(warned(draftOf({ rest: { outlet: 'none' } }))[0]).toContain('no way out');
    expect(warned(draftOf(), { ...around, circuit: { ...around.circuit, refrigerant: 'R-717' } })[0]).toContain('ammonia attacks copper');
  });
});
