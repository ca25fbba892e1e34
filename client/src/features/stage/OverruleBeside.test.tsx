import { screen } from '@testing-library/react-native';
import { press, showScreen, type } from '@/testing/screen';
import { OverruleBeside } from './OverruleBeside';

type Props = Parameters<typeof OverruleBeside>[0];
const PATH = 'PUT jobs/job/overrulings/*';

async function show(answer: unknown, points: Props['points'] = null) {
  const onKept = jest.fn();
  const form = <OverruleBeside jobId="job" stage="make-safe" gate={'torch-locked' as Props['gate']} points={points} onKept={onKept} />; // cast: which gate makes no difference
  return { ...(await showScreen(form, { answers: { [PATH]: answer } })), onKept };
}
async function fillIn() {
  await type('why', ' none within ten metres ');
  await type('lead’s name', 'maren');
  await type('lead’s password', 'copper-before-filler');
}
const valueOf = (label: string) => screen.getByLabelText(label).props['value'] as unknown;

test('a lead signs in for this one thing: why, which gate and which points go along; then nothing of it stands there', async () => {
  const { writes, onKept } = await show({}, ['sprinklers'] as never); // cast: a point of the torch
  await press('Overrule it');
  expect(writes).toEqual([]);
  await fillIn();
  await press('Overrule it');
  expect(writes[0]?.body).toMatchObject({
    signIn: { login: 'maren', password: 'copper-before-filler' },
    ...{ stage: 'make-safe', values: { reason: 'none within ten metres', points: ['sprinklers'] } },
  });
  expect(onKept).toHaveBeenCalledTimes(1);
  expect(['why', 'lead’s name', 'lead’s password'].map(valueOf)).toEqual(['', '', '']);
});

test('a torch of which nothing was named to lift is not overruled', async () => {
  const { writes } = await show({}, []);
  await fillIn();
  await press('Overrule it');
  expect(writes).toEqual([]);
});

test('a wrong password is told and gone; the reason stays, and a second try is the same entry', async () => {
  const { sent, onKept } = await show({ status: 400, message: 'Name or password is wrong.', field: 'password' });
  await fillIn();
  await press('Overrule it');
  expect(screen.getByText('Name or password is wrong.')).toBeTruthy();
  expect(valueOf('lead’s password')).toBe('');
  expect(valueOf('why')).toBe(' none within ten metres ');
  await type('lead’s password', 'another');
  await press('Overrule it');
  expect(sent.map(({ path }) => path)).toEqual([sent[0]?.path, sent[0]?.path]);
  expect(onKept).not.toHaveBeenCalled();
});

test('whoever may not overrule is told at the name', async () => {
  await show({ status: 403, message: 'Oskar Penn is no lead.', field: 'login' });
  await fillIn();
  await press('Overrule it');
  expect(screen.getByText('Oskar Penn is no lead.')).toBeTruthy();
});

test('without a signal it stays shut, and says what can be done while there is one', async () => {
  await show(null);
  globalThis.fetch = () => Promise.reject(new TypeError('Failed to fetch'));
  await fillIn();
  await press('Overrule it');
  expect(screen.getByText(/^Without a signal it stays shut: .* A PIN for the day is set while there is one\.$/)).toBeTruthy();
});
