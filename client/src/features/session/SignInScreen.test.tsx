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

describe('by a one-time code', () => {
  const INVITATION = { shop: 'Lumikero workshop', name: 'Sanna Kivi', role: 'technician', first: false, login: null };

  test('what it is for is told first; then a name and a password are enough', async () => {
    const { writes } = await showScreen(<SignInScreen />, {
      answers: { 'POST join/code': INVITATION, 'POST join': {}, 'GET demo/people': [] },
    });
    await press('I have a code');
    await type(/^one-time code/, 'k7pm-4rwx');
    await press('Go on');
    expect(writes[0]?.body).toEqual({ code: 'K7PM4RWX' });
    expect(screen.getByText('Welcome to Lumikero workshop')).toBeTruthy();
    await type(/^name to sign in by/, 'Sanna');
    await type(/^password, ten/, 'ten letters or more');
    await press('Come in');
    expect(writes[1]?.body).toEqual({ code: 'K7PM4RWX', name: 'Sanna Kivi', login: 'sanna', password: 'ten letters or more' });
  });

  test('the first admin also names the shop', async () => {
    const first = { ...INVITATION, first: true, role: 'admin', name: 'Admin' };
    const { writes } = await showScreen(<SignInScreen />, { answers: { 'POST join/code': first, 'POST join': {}, 'GET demo/people': [] } });
    await press('I have a code');
    await type(/^one-time code/, 'K7PM4RWX');
    await press('Go on');
    await type('what the shop is called', 'Orangery cooling');
    await type(/^your name/, 'Maren Ito-Dahl');
    await type(/^name to sign in by/, 'maren');
    await type(/^password, ten/, 'ten letters or more');
    await press('Come in');
    expect(writes[1]?.body).toMatchObject({ shopName: 'Orangery cooling', name: 'Maren Ito-Dahl' });
  });

  test('a code that is not known says so at its field', async () => {
    await showScreen(<SignInScreen />, {
      answers: { 'POST join/code': { status: 404, message: 'This code is not known.' }, 'GET demo/people': [] },
    });
    await press('I have a code');
    await type(/^one-time code/, 'K7PM4RWX');
    await press('Go on');
    expect(screen.getByText('This code is not known.')).toBeTruthy();
  });
});
