import { fireEvent, screen } from '@testing-library/react-native';
import { press, settle, showScreen, type } from '@/testing/screen';
import { jobWithStages, stageAnswers } from '@/testing/stages';
import { BendsScreen } from './BendsScreen';

const BEGAN = ['hold', 'bend-began', { bend: 'two-circuits' }] as const;
const other = (point: string, bar: number) =>
  ['hold', 'bend-point', { bend: 'two-circuits', point, answer: 'done', reads: { value: bar, unit: 'barg' } }] as const;
const show = (entries: readonly (readonly [string, string, object])[]) =>
  showScreen(<BendsScreen id="job" />, { answers: stageAnswers(jobWithStages(entries as never, { stage: 'hold' })) }); // cast: kinds of this very stage

test('a bend is said by one tap, and brings its points', async () => {
  const { writes } = await show([]);
  expect(screen.getByText(/^Nothing bends it/)).toBeTruthy();
  await press('burnt compressor');
  expect(writes[0]?.body).toMatchObject({ kind: 'bend-began', values: { bend: 'burnt-compressor' } });
});

test('a point is answered where it stands; one that is read asks for its figure first', async () => {
  const { writes } = await show([['hold', 'bend-began', { bend: 'burnt-compressor' }], BEGAN]);
  expect(screen.getByText('14 of 14 open')).toBeTruthy();
  expect(screen.queryByLabelText('done: the other circuit’s gauge before')).toBeNull();
  await press('the other circuit’s gauge before');
  await press('Keep it');
  expect(screen.getByText('is read: say what the gauge shows')).toBeTruthy();
  await type('gauge reads', '6.2 bar');
  await press('Keep it');
  expect(writes[0]?.body).toMatchObject({
    values: { bend: 'two-circuits', point: 'other-before', reads: { value: 6.2, unit: 'barg' } },
  });
});

test('done by one tap', async () => {
  const { writes } = await show([['hold', 'bend-began', { bend: 'burnt-compressor' }]]);
  fireEvent.press(screen.getByLabelText('done: flushed clear twice'));
  await settle();
  expect(writes[0]?.body).toMatchObject({ kind: 'bend-point', values: { point: 'flushed-twice', answer: 'done' } });
});

test('the other circuit’s gauge rose: said at once, in the person’s unit', async () => {
  await show([BEGAN, other('other-before', 6.2), other('other-after', 7.4)]);
  expect(screen.getByText(/The other circuit’s gauge rose by 120 kPa/)).toBeTruthy();
  expect(screen.getByText('all answered')).toBeTruthy();
});

test('not so after all: taken back with its reason', async () => {
  const { writes } = await show([BEGAN]);
  fireEvent.press(screen.getByLabelText('a second circuit shares an exchanger: Not so after all'));
  await type('why it is not', 'one circuit only');
  await press('Not so after all');
  expect(writes[0]?.body).toMatchObject({ kind: 'bend-left', values: { bend: 'two-circuits', why: 'one circuit only' } });
});

const burnt = (point: string, values: object) =>
  ['hand-over', 'bend-point', { bend: 'burnt-compressor', point, answer: 'done', ...values }] as const;

test('an acid test is answered by what it showed; acid after the run, or a full drier, is to be done again', async () => {
  const { writes } = await show([
    ['hold', 'bend-began', { bend: 'burnt-compressor' }],
    burnt('acid-again', { result: 'acid' }),
    burnt('drop-read', { reads: { value: 3.2, unit: 'psi' } }),
  ]);
  expect(screen.getAllByText('Both cores change, and it runs again')).toHaveLength(2);
  fireEvent.press(screen.getByLabelText('acid: acid test at opening'));
  await settle();
  expect(writes[0]?.body).toMatchObject({ values: { point: 'acid-at-opening', answer: 'done', result: 'acid' } });
});
