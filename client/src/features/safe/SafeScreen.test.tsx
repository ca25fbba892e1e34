import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { press, settle, showScreen, type } from '@/testing/screen';
import { jobWithStages, stageAnswers } from '@/testing/stages';
import type { TorchPoint } from '@kesto/core';
import { SafeScreen } from './SafeScreen';

const DECIDED = [['find', 'done', {}], ['decide', 'done', {}]] as const; // prettier-ignore
const hot = (point: TorchPoint) => ['make-safe', 'hot-work', { point, answer: 'done' }] as const;
const show = (noted: Parameters<typeof jobWithStages>[0] = [], rest: Parameters<typeof showScreen>[1] = {}) =>
  showScreen(<SafeScreen id="job" />, { ...rest, answers: { ...stageAnswers(jobWithStages([...DECIDED, ...noted])), ...rest.answers } });

const LOCKED = ['make-safe', 'locked-off', { keyHolder: 'Ilta Varro', dead: true }] as const;
const ANSWERED = [LOCKED, hot('extinguisher'), hot('watch'), hot('sprinklers'), hot('detectors')] as const;
const PUMPED = [
  'decide',
  'isolation',
  {
    ...{ work: ['drier'], method: 'pump-down' as const, advised: 'pump-down' as const, runs: true, airInside: false, jointOpen: false },
    ...{ close: [], closeAfter: [], staysFull: [], engineVersion: '2.5.1' },
  },
] as const;

test('the word that matters, and how many points are open', async () => {
  await show([['make-safe', 'zero-and-open', {}], ...ANSWERED]);
  expect(screen.getByText('Not yet')).toBeTruthy();
  expect(screen.getByText(/5 things are open before the torch may be lit/)).toBeTruthy();
});

test('too little oxygen does not answer; enough unlocks the torch', async () => {
  const { writes } = await show([['make-safe', 'zero-and-open', {}], ...ANSWERED]);
  fireEvent.press(screen.getByLabelText(/^air to breathe/));
  await type('oxygen read, %', '19.1');
  await press('It is done');
  expect(writes[0]?.body).toMatchObject({ values: { point: 'oxygen', oxygenPercent: 19.1 } });
  expect(screen.getByText('Not yet')).toBeTruthy();
  fireEvent.press(screen.getByLabelText(/^air to breathe/));
  await type('oxygen read, %', '20.7');
  await press('It is done');
  // Never the bare word over readings that are too old.
  expect(screen.queryByText('The torch may be lit')).toBeNull();
  expect(screen.getByText('The torch may be lit once it is read again')).toBeTruthy();
  // The gauges were read long ago: again before the flame, the air is fresh.
  expect(screen.getByText(/^Before the next flame again: zero and open to air\./)).toBeTruthy();
});

test('on a technician’s phone a lead signs in for the overruling alone; nothing goes without the lead', async () => {
  const { writes } = await show([['make-safe', 'zero-and-open', {}], hot('oxygen'), LOCKED, hot('extinguisher'), hot('watch')]);
  await press('more');
  expect(screen.queryByText('Skip it')).toBeNull();
  fireEvent.press(screen.getByRole('checkbox', { name: 'sprinklers' }));
  fireEvent.changeText(screen.getAllByLabelText('why')[0]!, 'open field');
  fireEvent.press(screen.getAllByText('Overrule it')[0]!);
  expect(writes).toEqual([]);
  await type('lead’s name', 'maren');
  await type('lead’s password', 'copper-before-filler');
  fireEvent.press(screen.getAllByText('Overrule it')[0]!);
  await waitFor(() => expect(writes).toHaveLength(1));
  expect(writes[0]).toMatchObject({
    path: expect.stringMatching(/overrulings/) as string,
    body: {
      signIn: { login: 'maren', password: 'copper-before-filler' },
      values: { gate: 'torch', points: ['sprinklers'], reason: 'open field' },
    },
  });
});

test('a lead overrules points by name, with the reason; never zero and open, nor the air', async () => {
  const { writes } = await show([['make-safe', 'zero-and-open', {}], hot('oxygen'), LOCKED, hot('extinguisher'), hot('watch')], {
    role: 'lead',
  });
  await press('more');
  expect(screen.queryByLabelText('air to breathe')).toBeNull();
  fireEvent.changeText(screen.getAllByLabelText('why')[0]!, 'open field');
  fireEvent.press(screen.getAllByText('Overrule it')[0]!);
  expect(writes).toEqual([]);
  fireEvent.press(screen.getByRole('checkbox', { name: 'sprinklers' }));
  fireEvent.press(screen.getByRole('checkbox', { name: 'detectors of the whole room' }));
  fireEvent.press(screen.getAllByText('Overrule it')[0]!);
  await screen.findByText(/^The torch may be lit/);
  expect(writes[0]?.body).toMatchObject({
    ...{ kind: 'overruled', values: { gate: 'torch', points: ['sprinklers', 'detectors'], reason: 'open field' } },
  });
});

test('zero and open is asked side by side', async () => {
  const { writes } = await show();
  fireEvent.press(screen.getByLabelText(/^zero and open to air/));
  await type('through what it is open', 'cores out');
  await press('Tick each side first');
  expect(writes).toEqual([]);
  for (const side of ['high side', 'low side'])
    fireEvent.press(screen.getByRole('checkbox', { name: `${side}: gauge at zero, open to air` }));
  await press('Zero, and open');
  expect(writes[0]?.body).toMatchObject({ kind: 'zero-and-open', values: { sides: ['high', 'low'], note: 'cores out' } });
});

test('a lock counts once it was tried', async () => {
  const { writes } = await show();
  fireEvent.press(screen.getByLabelText(/^power off, locked/));
  await type('who holds the key', 'Ilta Varro');
  fireEvent.press(screen.getByRole('checkbox', { name: 'Tried to start it: dead' }));
  await press('It is locked off and dead');
  expect(writes[0]?.body).toMatchObject({ kind: 'locked-off', values: { keyHolder: 'Ilta Varro', dead: true } });
});

test('pumped down: no cylinder is asked for, but what holds the full side back, and that it does not let by', async () => {
  const { writes } = await show([PUMPED]);
  expect(screen.queryByLabelText(/^refrigerant out/)).toBeNull();
  fireEvent.press(screen.getByLabelText(/^what holds the full side back/));
  await type('what holds it back', 'liquid valve');
  await type('its gauge, read again', '9 barg');
  fireEvent.press(screen.getByRole('checkbox', { name: 'Its stem is capped' }));
  await press('Keep it: it does not hold yet');
  expect(screen.getByLabelText(/^what holds the full side back/)).toBeTruthy();
  expect(writes[0]?.body).toMatchObject({ kind: 'held-back', values: { what: 'liquid valve', capped: true, steady: false } });
});

test('what may still go into a cylinder is said before it begins; its stamp and its weight before are two figures', async () => {
  const { writes } = await show();
  fireEvent.press(screen.getByLabelText(/^refrigerant out/));
  await type('tare, by its stamp', '12.1 kg');
  await type('water, by its stamp', '21.6 kg');
  await type('on the scale before', '14 kg');
  // R-449A at 25 °C 1.097 kg/L: 0.8 x 21.6 x 1.097 - 1.9 = 17.06 kg.
  expect(screen.getByText(/^17\.06 kg of R-449A may still go in/)).toBeTruthy();
  await type('on the scale after', '13.5 kg');
  await type('how long it took', '30');
  await press('Keep what came out');
  expect(screen.getByText(/must not lie under its weight before, 14 kg/)).toBeTruthy();
  await type('on the scale after', '16.5 kg');
  await press('Keep what came out');
  expect(writes[0]?.body).toMatchObject({ kind: 'recovered', values: { tareKg: 12.1, beforeKg: 14, grossKg: 16.5, waterKg: 21.6 } });
});

test('what was put out of service stays on the sheet until somebody puts it back', async () => {
  const { writes } = await show([['make-safe', 'hot-work', { point: 'detectors', answer: 'done', outOfService: true }]]);
  expect(screen.getByText(/Out of service: detectors/)).toBeTruthy();
  fireEvent.press(screen.getByLabelText('back in service: detectors of the whole room'));
  await type('who put it back', 'the keeper');
  await press('It is back');
  expect(writes[0]?.body).toMatchObject({ kind: 'back-in-service', values: { point: 'detectors', by: 'the keeper' } });
  expect(screen.queryByText(/Out of service: detectors/)).toBeNull();
});

test('what the server refuses stays on the sheet with the reason', async () => {
  await show([], { answers: { 'PUT jobs/job/stages/*': { status: 409, message: 'This stage is done: open it again first.' } } });
  fireEvent.press(screen.getByLabelText(/^people told/));
  await type('who, and for how long', 'the keeper');
  await press('They are told');
  expect(screen.getByText('This stage is done: open it again first.')).toBeTruthy();
  expect(screen.getByDisplayValue('the keeper')).toBeTruthy();
});

describe('answered where it stands', () => {
  test('what needs no words by one tap; there is none of it here by another', async () => {
    const { writes } = await show();
    fireEvent.press(screen.getByLabelText('done: extinguisher'));
    await waitFor(() => expect(writes[0]?.body).toMatchObject({ kind: 'hot-work', values: { point: 'extinguisher', answer: 'done' } }));
    expect(screen.getByLabelText('none here: sprinklers')).toBeTruthy();
  });

  test('never in one tap: who watches and how long, the air, the lock, what is put out of service', async () => {
    await show();
    for (const name of [
      'fire watch',
      'air to breathe',
      'power off, locked',
      'zero and open to air',
      'sprinklers',
      'detectors of the whole room',
    ])
      expect(screen.queryByLabelText(`done: ${name}`)).toBeNull();
    expect(screen.queryByLabelText('none here: fire watch')).toBeNull();
  });

  test('a lock’s usual words stand only once it was tried: dead', async () => {
    const { writes } = await show();
    fireEvent.press(screen.getByLabelText(/^power off, locked:/));
    await waitFor(() => expect(screen.getByText('Tried to start it: dead')).toBeTruthy());
    expect(screen.queryByText(/, own lock$/)).toBeNull();
    await press('Tried to start it: dead');
    await press(/, own lock$/);
    expect(writes[0]?.body).toMatchObject({ kind: 'locked-off', values: { keyHolder: expect.stringMatching(/, own lock$/), dead: true } });
  });
});

test('one sheet leads to the next that asks more than a tap; what one tap answers is answered on the list', async () => {
  const answers = { 'PUT jobs/job/stages/*': {} };
  const { writes } = await show([], { answers });
  fireEvent.press(screen.getByLabelText(/^power off, locked:/));
  fireEvent.press(screen.getByRole('checkbox', { name: 'Tried to start it: dead' }));
  await press('Ilta Varro, own lock');
  expect(writes[0]?.body).toMatchObject({ kind: 'locked-off', values: { keyHolder: 'Ilta Varro, own lock', dead: true } });
  expect(screen.getByText('Pictures before it comes apart')).toBeTruthy();
  await press('Keep the pictures');
  expect(screen.queryByText('Pictures before it comes apart')).toBeNull();
  expect(screen.getByTestId('keep')).toBeTruthy();
});

test.each([
  [/^everybody here, until it is done: people told/, { kind: 'told', values: { who: 'everybody here, until it is done' } }],
  [/^Ilta Varro, 60 min: fire watch/, { kind: 'hot-work', values: { point: 'watch', answer: 'done', note: 'Ilta Varro, 60 min' } }],
  [/^wet cloth below and behind: cover and drip/, { kind: 'covered', values: { what: 'wet cloth below and behind' } }],
])('what is said most often of a point is one tap on the list: %s', async (key, body) => {
  const { writes } = await show();
  fireEvent.press(screen.getByLabelText(key));
  await settle();
  expect(writes[0]?.body).toMatchObject(body);
});
