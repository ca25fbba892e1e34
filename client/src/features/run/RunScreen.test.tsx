import { screen } from '@testing-library/react-native';
import { BRASS_STUB, draftOf, jointView } from '@/testing/joints';
import { press, showScreen } from '@/testing/screen';
import { jobWithStages, stageAnswers } from '@/testing/stages';
import { RunScreen } from './RunScreen';

jest.mock('expo-keep-awake', () => ({ useKeepAwake: () => undefined, activateKeepAwakeAsync: () => Promise.resolve() }));

const WRAPPED = draftOf({
  female: BRASS_STUB,
  rest: { near: [{ kind: 'valve', along: 'female', distance: '60 mm', protection: 'putty' }] },
});
const tap = (kind: string, values: object = {}) => ({ kind: kind as 'cooled', values: { ...values }, corrects: null });
const show = (taps: readonly ReturnType<typeof tap>[], rest: Parameters<typeof showScreen>[1] = {}) => {
  const joint = jointView(WRAPPED, taps);
  return showScreen(<RunScreen joint={{ ...joint, state: 'planned' }} />, {
    ...rest,
    answers: { ...stageAnswers(jobWithStages([])), ...rest.answers },
  });
};
const FITTED = tap('dry-fit', { gap: 'right', depthMm: 19 });

test('the first tap keeps the fit with its depth, as planned where nothing else is typed', async () => {
  const { writes } = await show([]);
  await press('It is fitted');
  expect(writes[0]?.body).toMatchObject({ kind: 'dry-fit', values: { gap: 'right', depthMm: 19 } });
});

test('a fit that is too tight says what comes first', async () => {
  await show([]);
  await press('tight: ease it first');
  expect(screen.getByText(/Sand or expand before the torch/)).toBeTruthy();
});

test('what is near is wrapped before the way out is opened; what was wrapped is kept in words', async () => {
  const { writes } = await show([FITTED]);
  await press('It is wrapped');
  expect(writes[0]?.body).toMatchObject({ kind: 'wrapped', values: { protection: expect.stringContaining('valve') as string } });
});

test('what locks the torch is seen before the tap, which does not keep a flame', async () => {
  const { writes } = await show([FITTED, tap('wrapped'), tap('outlet-open', { felt: true }), tap('flooding-began'), tap('trickle-set')]);
  expect(await screen.findByText(/The torch stays locked/)).toBeTruthy();
  expect(screen.getByText('The torch is locked')).toBeTruthy();
  await press('The torch is locked');
  expect(writes).toEqual([]);
});

test('while it burns nothing is asked but the flame’s end', async () => {
  const { writes } = await show([FITTED, tap('lit', { filler: 'BAg-36' })]);
  expect(screen.getByText('too cold')).toBeTruthy();
  await press('Flame off');
  expect(writes[0]?.body).toMatchObject({ kind: 'flame-off', values: {} });
});

test('after the flame one tap keeps what went in, as planned, and when it flowed as told afterwards', async () => {
  const { writes } = await show([FITTED, tap('lit', { filler: 'BAg-36' }), tap('flame-off')]);
  await press('So it was made');
  expect(writes.map(({ body }) => (body as { kind: string }).kind).sort()).toEqual(['brazed', 'flowed']);
  const brazed = writes.find(({ body }) => (body as { kind: string }).kind === 'brazed');
  expect(brazed?.body).toMatchObject({ values: { filler: 'BAg-36', depthMm: 19, rodMm: expect.any(Number) as number } });
});
