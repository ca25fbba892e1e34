import { INCH_PREFERENCES, METRIC_PREFERENCES, readingText } from '@kesto/core';
import { BRASS_STUB, draftOf, planOf } from '@/testing/joints';
import { cardReadings, partReadings } from '@kesto/contract/wording';
import { planHeadline as headline } from '@kesto/contract/wording';
import { workingOf } from './index';

const brass = planOf(draftOf({ female: BRASS_STUB })).plan;
const rows = (plan = brass, units = METRIC_PREFERENCES) => {
  const { before, torch } = cardReadings(plan, units);
  return Object.fromEntries([...before, ...torch].map((row) => [row.name, row]));
};

test('ten readings, each with its unit', () => {
  const all = rows();
  expect(Object.keys(all)).toHaveLength(10);
  expect(readingText(all['depth']!.reading)).toBe('19 mm');
  expect(readingText(all['gap']!.reading)).toBe('0.05 mm');
  expect(all['flux']!.reading.value).toBe('FB3-A');
  expect(readingText(all['aim']!.reading)).toBe('745 °C');
  expect(readingText(all['strength']!.reading)).toMatch(/ kPag$/);
});

test('units change what is shown, never the plan', () => {
  const before = JSON.stringify(brass);
  expect(readingText(rows(brass, INCH_PREFERENCES)['aim']!.reading)).toBe('1373 °F');
  expect(readingText(rows(brass, INCH_PREFERENCES)['depth']!.reading)).toBe('3/4 in');
  expect(JSON.stringify(brass)).toBe(before);
});

test('what was taken from a table is marked', () => {
  const assumed = rows(planOf(draftOf()).plan);
  expect(assumed['depth']!.assumed).toBe(true);
  expect(rows()['depth']!.assumed).toBe(false);
});

test('every reading opens a working with its formula and where each figure comes from', () => {
  for (const name of Object.keys(rows()) as (keyof ReturnType<typeof rows>)[]) {
    const working = workingOf(name as never, brass, METRIC_PREFERENCES);
    expect(working.title).not.toBe('Nothing to work out');
    expect(working.inputs.length).toBeGreaterThan(0);
    expect(working.inputs.every((input) => input.source !== '' && !/NaN|undefined/.test(input.value))).toBe(true);
    expect(working.formula.join(' ')).not.toMatch(/NaN|undefined/);
  }
});

test('the gap’s working puts the figures in and ends with the figure on the card', () => {
  const working = workingOf('gap', brass, METRIC_PREFERENCES);
  expect(working.formula.at(-1)).toContain(((brass.fit.radialGapHotM ?? NaN) * 1000).toFixed(3));
  expect(working.scale?.good).toEqual([0.025, 0.15]);
});

test.each([
  ['a plain joint', draftOf(), 'Good to braze, no flux', true],
  ['a brass stub', draftOf({ female: BRASS_STUB }), 'Good to braze, with flux', true],
  ['soft solder', draftOf({ female: { state: 'soft-soldered' } }), 'Cut back past the solder first', false],
  ['a gap nothing fills', draftOf({ female: { ...BRASS_STUB, bore: '23 mm' } }), 'Do not braze it like this', false],
])('%s: the headline says it first', (_what, draft, text, good) => {
  expect(headline(planOf(draft).plan)).toEqual({ text, good });
});

test('a part near the joint has its reading and its working too', () => {
  const { plan } = planOf(
    draftOf({ female: BRASS_STUB, rest: { near: [{ kind: 'valve', along: 'female', distance: '52 mm', protection: 'putty' }] } }),
  );
  const [part] = partReadings(plan, METRIC_PREFERENCES);
  expect(part).toMatchObject({ label: 'valve at 52 mm', assumed: true });
  const working = workingOf('part:0', plan, METRIC_PREFERENCES);
  expect(working.title).toContain(readingText(part!.reading));
  expect(working.scale?.good).toEqual([0, 120]);
  expect(working.inputs.find((i) => i.name.startsWith('putty'))?.value).toBe('70 g of water');
  expect(partReadings(brass, METRIC_PREFERENCES)).toEqual([]);
});
