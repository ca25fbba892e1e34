import { screen } from '@testing-library/react-native';
import { press, showScreen, type } from '@/testing/screen';
import { JoinForm } from './JoinForm';

const CODE = 'K7PM-4RWX-2HTN';
const asked = (rest: object = {}) => ({
  shop: 'Lumikero Botanical Station',
  name: 'Sanna Kivi',
  role: 'technician',
  first: false,
  login: null,
  ...rest,
});
async function show(invitation: object, answers: object = {}) {
  const shown = await showScreen(<JoinForm onBack={() => undefined} />, {
    answers: { 'POST join/code': invitation, 'POST join': {}, ...answers },
  });
  await type(/^one-time code/, CODE);
  await press('Go on');
  return shown;
}

test('a code says whose shop it is for and as what one comes in; the name to sign in by is the first word of one’s own', async () => {
  await show(asked());
  expect(screen.getByText('Welcome to Lumikero Botanical Station')).toBeTruthy();
  expect(screen.getByText('You come in as technician.')).toBeTruthy();
  expect(screen.getByLabelText(/^name to sign in by/).props['value']).toBe('sanna');
});

test('who is here already chooses a new password and nothing else', async () => {
  await show(asked({ login: 'sanna' }));
  expect(screen.getByText(/You sign in as “sanna”\./)).toBeTruthy();
  expect(screen.queryByLabelText(/^name to sign in by/)).toBeNull();
});

test('the first of a shop names it', async () => {
  await show(asked({ first: true }));
  expect(screen.getByText('A shop of your own')).toBeTruthy();
  expect(screen.getByLabelText('what the shop is called')).toBeTruthy();
});

test('a code that is not good is said at the code', async () => {
  await show({ status: 404, message: 'This code is not good any more.' });
  expect(screen.getByText('This code is not good any more.')).toBeTruthy();
});
