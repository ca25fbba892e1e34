import { METRIC_PREFERENCES, readEntry, readingText } from '@kesto/core';
import { BRASS_STUB, draftOf, jointView } from '@/testing/joints';
import { brazedValues, madeRows, sentenceOf } from '@kesto/contract/wording';

const brazed = {
  filler: 'BAg-36',
  rodMm: 22,
  seconds: 21,
  purgeLpm: 2.5,
  floodSeconds: 200,
  depthMm: 18.6,
  protection: '',
  note: 'Flowed all round.',
};
const entry = (kind: 'brazed' | 'corrected', values: Record<string, unknown>, corrects: { entry: string; why: string } | null = null) => ({
  kind,
  values,
  corrects,
});
const joint = (...entries: ReturnType<typeof entry>[]) => jointView(draftOf({ female: BRASS_STUB }), entries);

test('a correction is laid over what it corrects; the entry itself stays', () => {
  const made = joint(entry('brazed', brazed), entry('corrected', { rodMm: 31 }, { entry: 'e1', why: 'stub measured after' }));
  expect(brazedValues(made)).toMatchObject({ rodMm: 31, seconds: 21 });
  expect(made.entries.map(readEntry)[0]?.values).toMatchObject({ rodMm: 22 });
});

test('a correction of another entry does not touch the brazing', () => {
  const made = joint(entry('brazed', brazed), entry('corrected', { rodMm: 31 }, { entry: 'e9', why: 'x' }));
  expect(brazedValues(made)?.rodMm).toBe(22);
});

test('nothing made, nothing to compare', () => {
  expect(brazedValues(joint())).toBeNull();
  expect(madeRows(joint().plan?.answer ?? null, null, METRIC_PREFERENCES)).toEqual([]);
});

test('plan and made stand side by side with the allowed band', () => {
  const made = joint(entry('brazed', brazed));
  const rows = madeRows(made.plan?.answer ?? null, brazedValues(made), METRIC_PREFERENCES);
  const cup = rows.find((row) => row.label === 'in the cup');
  expect(cup?.plan && readingText(cup.plan)).toBe('19.0 mm');
  expect(cup?.made && readingText(cup.made)).toBe('18.6 mm');
  expect(cup?.against.ratio).toBeCloseTo(18.6 / 19, 6);
  const missing = madeRows(made.plan?.answer ?? null, { ...brazed, seconds: null }, METRIC_PREFERENCES).find((row) => row.label === 'heat');
  expect(missing).toMatchObject({ made: null, against: { ratio: null, inside: null } });
});

test('an entry reads as a sentence', () => {
  const [first] = joint(entry('brazed', brazed)).entries;
  expect(first && sentenceOf(readEntry(first))).toBe('BAg-36, 22 mm of rod. Flowed all round.');
});
