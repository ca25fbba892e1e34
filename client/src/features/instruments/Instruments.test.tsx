import { fireEvent, screen } from '@testing-library/react-native';
import { METRIC_PREFERENCES } from '@kesto/core';
import { isOnItsWay } from '@/testing/onItsWay';
import { press, settle, showScreen } from '@/testing/screen';
import { Instruments } from './Instruments';
import { ableTo, BY_HAND, judgedByOf } from './judged';
import { lastText } from './lastText';

const PROBE = [{ quantity: 'gauge-pressure', step: 1 }, { quantity: 'pipe-temperature', step: 0.1 }] as const; // prettier-ignore
const joined = (id: string, rest: object = {}) => ({
  ...{ id, instrument: { kind: 'pressure-temperature' as const, name: id, columns: PROBE }, factor: null, samples: 120 },
  ...{ isSilent: false, isEnded: false, disagreements: 0, last: [], ...rest },
});
const oxygen = joined('O-2', {
  instrument: { kind: 'oxygen', name: 'O-2', columns: [{ quantity: 'oxygen', step: 0.01 }] },
  last: [{ quantity: 'oxygen', value: 0.42 }],
});
const CODE = { code: 'ABCD-EFGH-JKLM', until: '2026-12-01T10:05:00.000Z', path: '/live' };

const show = (
  all: readonly ReturnType<typeof joined>[],
  { judging, mayJoin = true, answers = {} }: { judging?: object; mayJoin?: boolean; answers?: object } = {},
) =>
  showScreen(
    <Instruments
      job="job"
      of="h"
      joined={all}
      mayJoin={mayJoin}
      byHand="None speaks"
      standInSays=""
      {...(judging ? { judging: judging as never } : {})} // cast: told in each test
    />,
    { answers: { 'GET people/demo': [], ...answers } },
  );

test('while none speaks it says so, and a code lets one in', async () => {
  const { writes } = await show([], { answers: { 'PUT jobs/job/pairings/*': CODE } });
  expect(screen.getByText('None speaks')).toBeTruthy();
  await press('Let an instrument join');
  await press('Make a code for it');
  expect(writes[0]).toMatchObject({ method: 'PUT', body: { hold: 'h' } });
  expect(screen.getByText('ABCD-EFGH-JKLM')).toBeTruthy();
});

test('while what it would speak of is on its way none is let in, and it says why', async () => {
  const { writes, store } = await show([], { answers: { 'PUT jobs/job/pairings/*': CODE } });
  await isOnItsWay(store, 'job.job');
  await press('Let an instrument join');
  await press('Make a code for it');
  expect(writes).toEqual([]);
  expect(screen.getByText(/^What was noted here goes to the server first/)).toBeTruthy();
  await isOnItsWay(store, null);
  await press('Make a code for it');
  expect(writes).toHaveLength(1);
});

test('each says what it reads now; a second one may join', async () => {
  await show([joined('P-7', { last: [{ quantity: 'gauge-pressure', value: 2000 }] }), oxygen]);
  expect(screen.getByText(/^2000 kPag/)).toBeTruthy();
  expect(screen.getByText(/^oxygen 0\.42/)).toBeTruthy();
  expect(screen.getByText('Let another join')).toBeTruthy();
});

test('one that is silent shows no figure that is old, and how many of its samples are safe', async () => {
  await show([joined('P-7', { isSilent: true, last: [{ quantity: 'gauge-pressure', value: 2000 }] })]);
  expect(screen.queryByText(/2000/)).toBeNull();
  expect(screen.getByText(/^silent; 120 samples are safe/)).toBeTruthy();
});

test('let go by one tap; who may not is told why, and one that is let go has no key any more', async () => {
  const refused = { status: 403, message: 'Whoever let it in, or a lead, lets it go.' };
  const { writes } = await show([joined('P-7'), joined('P-8', { isEnded: true })], { answers: { 'PUT jobs/job/series/P-7/end': refused } });
  expect(screen.queryByLabelText('P-8: Let go')).toBeNull();
  fireEvent.press(screen.getByLabelText('P-7: Let go'));
  await settle();
  expect(writes[0]?.path).toBe('jobs/job/series/P-7/end');
  expect(screen.getByText(/Whoever let it in, or a lead/)).toBeTruthy();
});

test('an inspector only looks', async () => {
  await show([joined('P-7')], { mayJoin: false });
  expect(screen.queryByText('Let go')).toBeNull();
  expect(screen.queryByText(/^Let an/)).toBeNull();
});

describe('which of them judges', () => {
  test('is asked only where there is a choice', async () => {
    await show([joined('P-7')], { judging: { able: [joined('P-7')], by: 'P-7', choose: () => undefined } });
    expect(screen.queryByText('by hand')).toBeNull();
  });

  test('of two that can, or by hand', async () => {
    const choose = jest.fn();
    const two = [joined('P-7'), joined('P-8')];
    await show(two, { judging: { able: two, by: 'P-7', choose } });
    expect(screen.getByText('P-7, judged by it')).toBeTruthy();
    await press('by hand');
    expect(choose).toHaveBeenCalledWith(BY_HAND);
  });

  test('an oxygen meter judges no hold; the end says what was chosen, and nothing where nobody chose', () => {
    expect(ableTo([oxygen, joined('P-7')] as never, ['gauge-pressure', 'pipe-temperature']).map(({ id }) => id)).toEqual(['P-7']); // cast: as above
    expect([judgedByOf(null), judgedByOf('P-8'), judgedByOf(BY_HAND)]).toEqual([{}, { by: 'P-8' }, { byHand: true }]);
  });
});

// Each comes in the unit of its quantity: kPa gauge, °C, Pa, g, L/min, %.
test.each([
  ['vacuum', 66.7, /Pa$/],
  ['mass', 9900, /9\.9\d* kg/],
  ['flow', 5, /^5/],
  ['pipe-temperature', -18.3, /^−18\.3/],
  ['carbon-dioxide', 0.04, /^carbon dioxide 0\.04/],
] as const)('a figure of %s is said in the person’s unit', (quantity, value, says) =>
  expect(lastText([{ quantity, value }], METRIC_PREFERENCES).replaceAll('\u00a0', ' ')).toMatch(says),
);
