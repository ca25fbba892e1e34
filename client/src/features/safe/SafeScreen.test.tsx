import { fireEvent, screen } from '@testing-library/react-native';
import { press, showScreen, type } from '@/testing/screen';
import { jobWithStages, stageAnswers } from '@/testing/stages';
import { SafeScreen } from './SafeScreen';

const DECIDED = [['find', 'done', {}], ['decide', 'done', {}]] as const; // prettier-ignore
const hot = (point: 'extinguisher' | 'watch' | 'sprinklers' | 'oxygen') => ['make-safe', 'hot-work', { point, answer: 'done' }] as const;
const show = (noted: Parameters<typeof jobWithStages>[0] = [], rest: Parameters<typeof showScreen>[1] = {}) =>
  showScreen(<SafeScreen id="job" />, { ...rest, answers: { ...stageAnswers(jobWithStages([...DECIDED, ...noted])), ...rest.answers } });

test('the word that matters, and how many points are open', async () => {
  await show([['make-safe', 'zero-and-open', {}], hot('extinguisher'), hot('watch'), hot('sprinklers')]);
  expect(screen.getByText('Not yet')).toBeTruthy();
  expect(screen.getByText(/6 things are open before the torch may be lit/)).toBeTruthy();
});

test('too little oxygen does not answer; enough unlocks the torch', async () => {
  const { writes } = await show([['make-safe', 'zero-and-open', {}], hot('extinguisher'), hot('watch'), hot('sprinklers')]);
  fireEvent.press(screen.getByLabelText(/^air to breathe/));
  await type('oxygen read, %', '19.1');
  await press('It is done');
  expect(writes[0]?.body).toMatchObject({ values: { point: 'oxygen', oxygenPercent: 19.1 } });
  expect(screen.getByText('Not yet')).toBeTruthy();
  fireEvent.press(screen.getByLabelText(/^air to breathe/));
  await type('oxygen read, %', '20.7');
  await press('It is done');
  expect(screen.getByText('The torch may be lit')).toBeTruthy();
});

test('a technician is told who may overrule and cannot; a lead can, with the reason', async () => {
  await show();
  await press('lead');
  expect(screen.getByText(/A lead or an admin may overrule it/)).toBeTruthy();
  expect(screen.queryByText('Skip it')).toBeNull();
});

test('a lead overrules by name and reason', async () => {
  const { writes } = await show([], { role: 'lead' });
  await press('lead');
  fireEvent.changeText(screen.getAllByLabelText('why')[0]!, 'open field');
  fireEvent.press(screen.getAllByText('Overrule it')[0]!);
  await screen.findByText('The torch may be lit');
  expect(writes[0]?.body).toMatchObject({ kind: 'overruled', values: { gate: 'torch', reason: 'open field' } });
});

test('what the server refuses stays on the sheet with the reason', async () => {
  await show([], { answers: { 'PUT jobs/job/stages/*': { status: 409, message: 'This stage is done: open it again first.' } } });
  fireEvent.press(screen.getByLabelText(/^people told/));
  await type('who, and for how long', 'the keeper');
  await press('They are told');
  expect(screen.getByText('This stage is done: open it again first.')).toBeTruthy();
  expect(screen.getByDisplayValue('the keeper')).toBeTruthy();
});
