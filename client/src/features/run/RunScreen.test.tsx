import { INCH_PREFERENCES } from '@kesto/core';
import { fireEvent, screen } from '@testing-library/react-native';
import { BRASS_STUB, draftOf, jointView, SIGNED_AT } from '@/testing/joints';
import { personAs, press, settle, showScreen, type, went } from '@/testing/screen';
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

const FLOODING = [FITTED, tap('wrapped'), tap('outlet-open', { felt: false }), tap('flooding-began'), tap('outlet-open', { felt: true })];
/** Ten seconds after every tap of the record. */
const justNow = () => jest.spyOn(Date, 'now').mockReturnValue(Date.parse(SIGNED_AT) + 10_000);
afterEach(() => jest.restoreAllMocks());

test('oxygen read at the way out is kept with the step of its instrument; out of range it is said', async () => {
  justNow();
  const { writes } = await show(FLOODING);
  await press('more');
  await type('oxygen at the way out, %', '40');
  await type('least step it shows, %', '0.01');
  await press('Keep this reading');
  expect(screen.getByText('must be from 0 to 25 %')).toBeTruthy();
  await type('oxygen at the way out, %', '0.08');
  await press('Keep this reading');
  expect(writes[0]?.body).toMatchObject({ kind: 'oxygen-read', values: { percent: 0.08, stepPercent: 0.01 } });
});

test('an air monitor whose step is the target ends no flood', async () => {
  justNow();
  await show([...FLOODING, tap('oxygen-read', { percent: 0.1, stepPercent: 0.1 })]);
  expect(screen.getByText('Flooding')).toBeTruthy();
  await press('more');
  expect(screen.getByText(/too coarse to show 0.1 %/)).toBeTruthy();
});

test('another rod on the spot says what changes before it is kept, and plans anew', async () => {
  const { writes } = await show([FITTED]);
  await press('more');
  await press('Another rod, tip or flow');
  expect(screen.getByText('Nothing changes.')).toBeTruthy();
  fireEvent.press(screen.getByRole('radio', { name: 'BCuP-5' }));
  await settle();
  expect(screen.getByText('filler')).toBeTruthy();
  await press('Plan it so');
  expect(writes).toEqual([]);
  await type('why otherwise than planned', 'no silver rod left');
  await press('Plan it so');
  expect(writes[0]?.body).toMatchObject({ kind: 'planned-anew', values: { chosen: 'BCuP-5', reason: 'no silver rod left' } });
});

test('a second person taps the flow on another phone; whoever holds the torch is asked nothing', async () => {
  justNow();
  const burning = [...FLOODING, tap('trickle-set'), tap('lit', { filler: 'BAg-36' })];
  const oskar = personAs('technician', { person: { id: 'p2', name: 'Oskar Penn', role: 'technician' } });
  const { writes } = await show(burning, { answers: { 'GET session': oskar } });
  await press('I see it flow all round');
  // Lit five seconds after the tap, ten seconds ago.
  expect(writes[0]?.body).toMatchObject({ kind: 'flowed', values: { seconds: 5, how: 'live' } });
});

test('the one at the torch has no key but the flame’s end', async () => {
  justNow();
  await show([...FLOODING, tap('trickle-set'), tap('lit', { filler: 'BAg-36' })]);
  expect(screen.queryByText('I see it flow all round')).toBeNull();
  expect(screen.getByText('Flame off')).toBeTruthy();
});

test('an apprentice reads why, on this device', async () => {
  await show([]);
  expect(screen.queryByText('Why:')).toBeNull();
  await press('more');
  await press('and why, for an apprentice');
  await press('close');
  expect(screen.getByText('Why:')).toBeTruthy();
});

test('where nobody makes a joint alone, who stands by is named before the flame', async () => {
  justNow();
  const ready = [...FLOODING, tap('trickle-set')];
  const joint = jointView(WRAPPED, ready);
  const carbon = { ...joint, state: 'planned' as const, circuit: { ...joint.circuit, refrigerant: 'R-744' } };
  // A job from before making safe was kept locks nothing.
  const job = jobWithStages([], { began: 'plan', stored: 'plan' });
  const { writes } = await showScreen(<RunScreen joint={carbon} />, { answers: stageAnswers(job) });
  expect(await screen.findByText(/Nobody makes this alone: carbon dioxide/)).toBeTruthy();
  await press('Name who stands by');
  expect(writes).toEqual([]);
  await type('who stands by', 'Oskar Penn');
  await press('Lighting');
  expect(writes[0]?.body).toMatchObject({ kind: 'lit', values: { filler: 'BAg-36', second: 'Oskar Penn' } });
});

describe('after the flame', () => {
  const BURNT = [...FLOODING, tap('trickle-set'), tap('lit', { filler: 'BAg-36' }), tap('flame-off')];
  const MADE = [...BURNT, tap('brazed', { filler: 'BAg-36', rodMm: 40, depthMm: 19 }), tap('flowed', { seconds: 50, how: 'afterwards' })];

  test('the gas runs until it is cool enough, and the clock says so before its key does anything', async () => {
    justNow();
    await show(MADE);
    expect(screen.getByText('the trickle runs until then')).toBeTruthy();
    expect(screen.getByText(/^until it is under 200 °C/)).toBeTruthy();
    expect(screen.getByText('* worked out for still air: a thermometer knows better')).toBeTruthy();
  });

  test('in fahrenheit for whoever reads it so', async () => {
    justNow();
    const inches = personAs('technician', { units: INCH_PREFERENCES });
    await show(MADE, { answers: { 'GET session': inches } });
    expect(screen.getByText(/^until it is under 392 °F/)).toBeTruthy();
  });

  test('gas that went off too soon is told on the screen, not only in the record', async () => {
    justNow();
    await show([...MADE, tap('nitrogen-off')]);
    expect(screen.getByText('do not touch it before')).toBeTruthy();
    expect(screen.getByText(/Nitrogen was off before the joint was under 200 °C: scale may have formed inside/)).toBeTruthy();
  });

  test('an hour later it is cool, and the next step is to look at it', async () => {
    jest.spyOn(Date, 'now').mockReturnValue(Date.parse(SIGNED_AT) + 3_600_000);
    const { writes } = await show([...MADE, tap('nitrogen-off')]);
    expect(screen.getByText(/^under 50 °C by now/)).toBeTruthy();
    await press('It is cool');
    expect(writes[0]?.body).toMatchObject({ kind: 'cooled' });
  });
});

test('while it floods the time left, the flow and what comes next stand together', async () => {
  justNow();
  await show(FLOODING);
  expect(screen.getByText(/^min left of /)).toBeTruthy();
  expect(screen.getByText(/^at \d+(\.\d)? L\/min, then \d+(\.\d+)? L\/min, and light$/)).toBeTruthy();
  expect(screen.getByText(/worked out, not measured/)).toBeTruthy();
});

test('a joint made while nobody tapped is noted afterwards, from here', async () => {
  await show([]);
  await press('more');
  await press('It was made already: note it');
  expect(went()).toEqual(['/joints/joint/braze']);
});
