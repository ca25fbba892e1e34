import { screen } from '@testing-library/react-native';
import { press, settle, showScreen, type } from '@/testing/screen';
import { Words } from '@/ui/Words';
import { SessionGate } from './SessionGate';
import { SignInScreen } from './SignInScreen';

const SIGNED_OUT = { status: 401, message: 'You are signed out.' };

test('nobody signed in sees the sign-in, and nothing of the shop', async () => {
  await showScreen(
    <SessionGate>
      <Words>the shop</Words>
    </SessionGate>,
    { answers: { 'GET session': SIGNED_OUT, 'GET demo/people': [] } },
  );
  expect(screen.getByText('Kesto')).toBeTruthy();
  expect(screen.queryByText('the shop')).toBeNull();
});

test('a server that does not answer is said to, with a way to try again', async () => {
  await showScreen(<SessionGate>{null}</SessionGate>, { answers: { 'GET session': { status: 500, message: 'The database is away.' } } });
  expect(screen.getByText('The database is away.')).toBeTruthy();
  expect(screen.getByText('Try again')).toBeTruthy();
});

test('a wrong password is told at its field and what was typed stays', async () => {
  const { writes } = await showScreen(<SignInScreen />, {
    answers: { 'GET demo/people': [], 'POST session': { status: 400, message: 'Name or password is wrong.' } },
  });
  await press('Sign in');
  expect(screen.getByText('Type your name and password.')).toBeTruthy();
  expect(writes).toHaveLength(0);
  await type('name', ' ilta ');
  await type('password', 'wrong');
  await press('Sign in');
  expect(writes[0]?.body).toEqual({ login: 'ilta', password: 'wrong' });
  expect(screen.getByText('Name or password is wrong.')).toBeTruthy();
  expect(screen.getByDisplayValue(' ilta ')).toBeTruthy();
});

test('in the demo one touch on a person signs in as that person', async () => {
  const { writes } = await showScreen(<SignInScreen />, {
    answers: {
      'GET demo/people': [{ id: '1', name: 'Bo Aalto', role: 'inspector', login: 'bo', password: 'demo' }],
      'POST session': {},
    },
  });
  await press('Bo Aalto');
  await settle();
  expect(writes[0]).toEqual({ method: 'POST', path: 'session', body: { login: 'bo', password: 'demo' } });
});
