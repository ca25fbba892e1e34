import { fireEvent, screen } from '@testing-library/react-native';
import { COLD_CHECK_WORDS } from '@kesto/contract/wording';
import { CHECKS_OF, type ColdMethod } from '@kesto/core';
import { draftOf, jointView } from '@/testing/joints';
import { press, settle, showScreen, type } from '@/testing/screen';
import { jobWithStages, stageAnswers } from '@/testing/stages';
import { RunScreen } from '@/features/run';

jest.mock('expo-keep-awake', () => ({ useKeepAwake: () => undefined, activateKeepAwakeAsync: () => Promise.resolve() }));

const AT = { part: 'drier', from: 'liquid-valve', to: 'drier' };
const show = async (method: ColdMethod) => {
  const joint = { ...jointView(draftOf({})), plan: null, state: 'not-planned' as const, at: AT };
  const job = jobWithStages([['decide', 'joining', { place: 'drier', method, why: 'no flame there' }]]);
  const shown = await showScreen(<RunScreen joint={joint} />, { answers: stageAnswers(job) });
  await settle();
  return shown;
};
const tickAll = async (method: ColdMethod) => {
  for (const check of CHECKS_OF[method]) fireEvent.press(screen.getByRole('checkbox', { name: COLD_CHECK_WORDS[check] }));
  await settle();
};

test('a joint that was decided pressed asks for its own checks and no flame; only then it is kept', async () => {
  const { writes } = await show('press');
  expect(screen.getByText('7 to look to first')).toBeTruthy();
  await tickAll('press');
  await type('jaw: maker, size, checked until', '3/8, to 2027-04');
  fireEvent.press(screen.getByRole('checkbox', { name: /mark is still within 1 mm/ }));
  fireEvent.press(screen.getByRole('checkbox', { name: /ring shows its witness/ }));
  await press('It is pressed');
  expect(writes[0]?.body).toMatchObject({
    ...{ kind: 'pressed', values: { jaw: '3/8, to 2027-04', mark: true, witness: true, checks: CHECKS_OF.press } },
  });
});

test('a flare has its torque and width by the tube’s size; one that is off is named before it is kept', async () => {
  await show('flare');
  expect(screen.getByText('33 to 42 N m oiled, opened to 12.8 to 13.2 mm *')).toBeTruthy();
  await tickAll('flare');
  fireEvent.press(screen.getByRole('checkbox', { name: 'It was tightened oiled' }));
  await type('torque, N m', '60');
  expect(screen.getByText(/the torque is outside the table’s: it cannot pass/)).toBeTruthy();
  await type('torque, N m', '38');
  expect(screen.queryByText(/it cannot pass/)).toBeNull();
});

test('a bend says how tight it may be', async () => {
  await show('bend');
  // Three outsides of 3/8 in: 28.6 mm.
  expect(screen.getByText('centre line at least 29 mm, out of round at most 8 % *')).toBeTruthy();
});
