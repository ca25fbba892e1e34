import { INCH_PREFERENCES, METRIC_PREFERENCES, planJoint, type UnitPreferences } from '@kesto/core';
import { type JointView, planAnswer } from '@kesto/contract';
import { BRASS_STUB } from '../../testing/examples';
import { textOfPdf } from '../../testing/pdf';
import { FONTS } from '../../testing/server';
import { printFonts } from './fonts';
import { plansPdf } from './planPdf';

const planned = planJoint(BRASS_STUB);
const joint = {
  id: 'j',
  tag: 'CR2-07',
  title: 'Suction line into the ball valve',
  job: { id: 'job', number: 31, order: [] },
  unit: { id: 'u', tag: 'CR2', name: 'vault cold room' },
  circuit: { refrigerant: 'R-449A' },
  plan: planned.ok
    ? {
        id: 'p',
        request: BRASS_STUB,
        plan: planned.value,
        answer: planAnswer(planned.value),
        chosen: 'BAg-36',
        reason: null,
        engineVersion: '1.0.0',
        by: 'Ilta Varro',
        at: '2026-11-23T08:00:00.000Z',
      }
    : null,
  entries: [],
} as unknown as JointView; // cast: a page needs these keys of the view

const textOf = async (units: UnitPreferences, printed: JointView = joint) => textOfPdf(await plansPdf([printed], units, printFonts(FONTS)));

test('the page says the joint, what it needs and who planned it', async () => {
  const text = await textOf(METRIC_PREFERENCES);
  for (const words of ['CR2-07', 'planned by Ilta Varro', 'FB3', 'BAg-36', 'licence']) expect(text).toContain(words);
  expect(text).not.toMatch(/NaN|undefined/);
});

test('figures follow the units of whoever prints', async () => {
  expect(await textOf(METRIC_PREFERENCES)).toContain('19 mm');
  expect(await textOf(INCH_PREFERENCES)).toContain('3/4 in');
});

test('a joint with a record prints how many entries it has and its whole last hash', async () => {
  const hash = 'ab12'.repeat(16);
  const text = await textOf(METRIC_PREFERENCES, { ...joint, entries: [{ hash: 'f'.repeat(64) }, { hash }] } as unknown as JointView); // cast: as above
  expect(text).toContain(hash);
  expect(text).toContain('2 entries');
  expect(await textOf(METRIC_PREFERENCES)).not.toContain('Record');
});

const named = (title: string, by: string): JointView =>
  ({ ...joint, title, plan: joint.plan && { ...joint.plan, by } }) as unknown as JointView; // cast: as above

test('names and titles in other alphabets are printed as they were written', async () => {
  const text = await textOf(METRIC_PREFERENCES, named('Saugleitung, Θερμό άκρο, Всасывающая линия', 'Łukasz Żółć'));
  expect(text).toContain('Saugleitung, Θερμό άκρο, Всасывающая линия');
  expect(text).toContain('planned by Łukasz Żółć');
  expect(text).not.toContain('cannot print');
});

test('what cannot be printed stands as a question mark and is named', async () => {
  const text = await textOf(METRIC_PREFERENCES, named('吸气管 at the valve', 'Ilta Varro'));
  expect(text).toContain('??? at the valve');
  expect(text).toContain('stand as ?: U+5438, U+6C14, U+7BA1. The screen shows them.');
});
