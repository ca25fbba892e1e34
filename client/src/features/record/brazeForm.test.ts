import { INCH_PREFERENCES, METRIC_PREFERENCES } from '@kesto/core';
import { BRASS_STUB, draftOf, jointView } from '@/testing/joints';
import { prefilled, readBraze, type BrazeForm } from './brazeForm';

const joint = jointView(draftOf({ female: BRASS_STUB }));
const form = (fields: Partial<BrazeForm['fields']> = {}, rest: Partial<BrazeForm> = {}): BrazeForm => {
  const base = prefilled(joint.plan, METRIC_PREFERENCES);
  return { ...base, ...rest, fields: { ...base.fields, ...fields } };
};

test('is prefilled from the plan, and kept as it stands says what was planned', () => {
  const { values, problems } = readBraze(form(), METRIC_PREFERENCES, false);
  expect(problems).toEqual({});
  expect(values).toMatchObject({ filler: 'BAg-36', depthMm: 19 });
  expect(values?.rodMm).toBeCloseTo(joint.plan?.answer.filler?.rodLengthMm ?? 0, -1);
});

test('reads other units than the plan’s, and keeps millimetres', () => {
  const { values } = readBraze(
    form({ rod: '2 in', depth: '3/4', purge: '5 scfh', flood: '2:10', seconds: '41' }),
    METRIC_PREFERENCES,
    false,
  );
  expect(values).toMatchObject({ rodMm: 50.8, depthMm: 19.05, floodSeconds: 130, seconds: 41 });
  expect(values?.purgeLpm).toBeCloseTo(2.36, 2);
});

test('a bare number is in the person’s own unit', () => {
  expect(readBraze(form({ rod: '2' }), INCH_PREFERENCES, false).values?.rodMm).toBeCloseTo(50.8, 6);
});

test.each([
  ['letters', { rod: 'a bit' }, 'rod', 'cannot be read'],
  ['nothing', { rod: '' }, 'rod', 'is needed'],
  ['a negative depth', { depth: '-3 mm' }, 'depth', 'negative'],
  ['a flow in seconds', { purge: '3 s' }, 'purge', 'cannot be read'],
])('%s is refused at its field, and nothing is kept', (_what, fields, key, text) => {
  const { values, problems } = readBraze(form(fields), METRIC_PREFERENCES, false);
  expect(values).toBeNull();
  expect(problems[key as 'rod']).toContain(text);
});

test('what was not measured stays unknown, not nought', () => {
  expect(readBraze(form({ seconds: '', purge: '' }), METRIC_PREFERENCES, false).values).toMatchObject({ seconds: null, purgeLpm: null });
});

test('another filler than planned needs its reason, and carries it', () => {
  expect(readBraze(form({}, { filler: 'BCuP-5' }), METRIC_PREFERENCES, true).problems.reason).toContain('Write why');
  expect(readBraze(form({}, { filler: 'BCuP-5', reason: ' no silver left ' }), METRIC_PREFERENCES, true).values?.reason).toBe(
    'no silver left',
  );
});
