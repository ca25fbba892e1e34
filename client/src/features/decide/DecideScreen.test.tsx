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
  fireEvent.press(screen.getByRole('radio', { name: 'it leaks' }));
  expect(screen.getByText(/the low side leaks and could draw air\./)).toBeTruthy();
  await press('Keep this way');
  await screen.findAllByText(/recover one section/);
  expect(writes[0]?.body).toMatchObject({ kind: 'isolation', values: { work: ['drier'], advised: 'recover-section', lowSideLeak: true } });
});

test('a leak that find kept on the low side answers by itself, and nothing is pumped down', async () => {
  const { writes } = await show([
    ['find', 'checked-place', { place: 'evaporator', method: 'soap', result: 'leak' }],
    ['decide', 'waiting', { what: 'parts', forWhom: 'the store' }],
  ]);
  fireEvent.press(screen.getByLabelText('the compressor runs'));
  expect(screen.getByRole('radio', { name: 'it leaks', checked: true })).toBeTruthy();
  fireEvent.press(screen.getByRole('radio', { name: 'scroll' }));
  await press('Keep this way');
  await screen.findAllByText(/recover one section/);
  expect(writes[0]?.body).toMatchObject({ values: { advised: 'recover-section', lowSideLeak: true, compressorKind: 'scroll' } });
});

test('what is to be taken out follows the way: nothing where it is pumped down', async () => {
  const { writes } = await show([['find', 'loss', { lostKg: 0.4, days: 60, chargeKg: 2 }]]);
  fireEvent.press(screen.getByLabelText('drier'));
  fireEvent.press(screen.getByLabelText('the compressor runs'));
  fireEvent.press(screen.getByRole('radio', { name: 'looked: none' }));
  await press('Another way, or another weight');
  expect(screen.getByLabelText('to take out').props['value']).toBe('0 kg');
  fireEvent.press(screen.getByRole('radio', { name: 'recover all' }));
  expect(screen.getByLabelText('to take out').props['value']).toBe('2 kg');
  await type('why another way than advised', 'two more joints behind the valve');
  fireEvent.press(screen.getAllByText('Keep this way').at(-1)!);
  await screen.findAllByText(/recover all/);
  expect(writes[0]?.body).toMatchObject({ values: { method: 'recover-all', takeOutKg: 2 } });
});

test('another way than advised asks for its reason', async () => {
  const { writes } = await show();
  fireEvent.press(screen.getByLabelText('drier'));
  await press('Another way, or another weight');
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

test('it waits for a yes by name; where nothing else is open the stage ends with it', async () => {
  const { writes } = await show([['decide', 'isolation', KEPT]]);
  expect(screen.getByText('nobody has said yes yet')).toBeTruthy();
  await press('Get approval');
  await type('who said yes', 'the station');
  await type('to what', 'valve and drier');
  await press('Keep the yes: make safe');
  expect(writes[0]?.body).toMatchObject({ kind: 'approval', values: { by: 'the station', how: 'phone', for: 'valve and drier' } });
  await waitFor(() => expect(went()).toEqual(['/jobs/job/safe']), { timeout: 3000 });
});

test('in a sealed room how each part is joined without a flame is asked before the yes', async () => {
  const { writes } = await show([
    ['decide', 'isolation', KEPT],
    ['decide', 'bend-began', { bend: 'sealed-room' }],
  ]);
  await press('No flame: how it is joined');
  expect(screen.getByRole('radio', { name: 'no flame here', checked: true })).toBeTruthy();
  fireEvent.press(screen.getByText('press'));
  await press('Keep how it is joined');
  expect(writes[0]?.body).toMatchObject({ kind: 'joining', values: { place: 'gas-valve', method: 'press' } });
  expect(await screen.findByText('Get approval')).toBeTruthy();
});
