import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { press, showScreen, type, went } from '@/testing/screen';
import { jobWithStages, stageAnswers } from '@/testing/stages';
import type { StageValues } from '@kesto/core';
import { DecideScreen } from './DecideScreen';

const show = (noted: Parameters<typeof jobWithStages>[0] = []) =>
  showScreen(<DecideScreen id="job" />, { answers: stageAnswers(jobWithStages([['find', 'done', {}], ...noted])) });
const KEPT: StageValues['isolation'] = {
  ...{
    work: ['gas-valve'],
    advised: 'recover-all',
    method: 'recover-all',
    runs: false,
    lowSideLeak: false,
    airInside: false,
    jointOpen: false,
  },
  ...{ close: [], closeAfter: [], staysFull: [], engineVersion: '2.2.0' },
};

test('the part is tapped, what was seen is ticked, and the ways stand with why and in order', async () => {
  const { writes } = await show();
  fireEvent.press(screen.getByLabelText('drier'));
  expect(screen.getByText('Recover one section')).toBeTruthy();
  expect(screen.getByText(/No pump-down: no compressor of this circuit runs/)).toBeTruthy();
  fireEvent.press(screen.getByLabelText('the compressor runs'));
  expect(screen.getByText('Pump down')).toBeTruthy();
  expect(screen.getByText('Shut liquid valve')).toBeTruthy();
  expect(screen.getByText('Shut gas valve')).toBeTruthy();
  fireEvent.press(screen.getByLabelText('the low side leaks and could draw air'));
  expect(screen.getByText(/the low side leaks and could draw air\./)).toBeTruthy();
  await press('Keep this way');
  fireEvent.press(screen.getAllByText('Keep this way').at(-1)!);
  await screen.findAllByText(/recover one section/);
  expect(writes[0]?.body).toMatchObject({ kind: 'isolation', values: { work: ['drier'], advised: 'recover-section', lowSideLeak: true } });
});

test('another way than advised asks for its reason', async () => {
  const { writes } = await show();
  fireEvent.press(screen.getByLabelText('drier'));
  await press('Keep this way');
  fireEvent.press(screen.getByRole('radio', { name: 'recover all' }));
  await press('Keep this way');
  expect(writes).toEqual([]);
  await type('why another way than advised', 'the gas valve is old');
  await press('Keep this way');
  expect(writes[0]?.body).toMatchObject({ values: { method: 'recover-all', reason: 'the gas valve is old', close: [] } });
});

test('a drier is left only with a reason', async () => {
  const { writes } = await show([['decide', 'isolation', KEPT]]);
  fireEvent.press(screen.getByLabelText('leave drier drier'));
  const leave = () => fireEvent.press(screen.getAllByText('Leave it')[1]!);
  leave();
  expect(writes).toEqual([]);
  await type('why it is left', 'changed last week, never opened');
  leave();
  await screen.findAllByText(/changed last week/);
  expect(writes[0]?.body).toMatchObject({
    kind: 'also-opened',
    values: { what: 'drier', choice: 'declined', why: 'changed last week, never opened' },
  });
});

test('it waits for a yes by name, and goes on once there is one', async () => {
  const { writes } = await show([['decide', 'isolation', KEPT]]);
  expect(screen.getByText('nobody has said yes yet')).toBeTruthy();
  await press('Note the yes');
  await type('who said yes', 'the station');
  await type('to what', 'valve and drier');
  await press('Keep the yes');
  expect(writes[0]?.body).toMatchObject({ kind: 'approval', values: { by: 'the station', how: 'phone', for: 'valve and drier' } });
  await press('Decided: make safe');
  await waitFor(() => expect(went()).toEqual(['/jobs/job/safe']), { timeout: 3000 });
});
