import { screen } from '@testing-library/react-native';
import { INCH_PREFERENCES, METRIC_PREFERENCES } from '@kesto/core';
import { personAs, press, showScreen, type, went } from '@/testing/screen';
import { PersonScreen } from './PersonScreen';

test('one unit is changed and the others stay', async () => {
  const { writes } = await showScreen(<PersonScreen />, { answers: { 'PUT me/units': personAs('technician') } });
  await press('psig');
  expect(writes[0]?.body).toEqual({ ...METRIC_PREFERENCES, pressure: 'psig' });
});

test('approvals stand there with their end, or that there are none', async () => {
  const approvals = [{ scope: 'silver' as const, number: 'LB-128' as const, validUntil: '2027-03-31' }];
  await showScreen(<PersonScreen />, { answers: { 'GET session': personAs('technician', { approvals, units: INCH_PREFERENCES }) } });
  expect(screen.getByText(/silver filler with flux/)).toBeTruthy();
  expect(screen.getByText('until 31 Mar 2027')).toBeTruthy();
  await showScreen(<PersonScreen />);
  expect(screen.getByText('None entered')).toBeTruthy();
});

test('the light is chosen on this device and nothing is sent', async () => {
  const { writes, store } = await showScreen(<PersonScreen />);
  await press('night');
  expect(store.getState().theme).toBe('night');
  expect(writes).toHaveLength(0);
});

test('sign-ins are listed, the others can be ended, and the password changed', async () => {
  const began = '2026-11-20T08:00:00.000Z';
  const signIns = [
    { id: 's1', device: 'Android, phone', began, here: true },
    { id: 's2', device: 'Linux', began, here: false },
  ];
  const refused = { status: 400, message: 'This is not your password now.', field: 'current' };
  const { writes } = await showScreen(<PersonScreen />, {
    answers: { 'GET me/sessions': signIns, 'DELETE me/sessions/s2': {}, 'PUT me/password': refused },
  });
  expect(screen.getByText('Android, phone, this one')).toBeTruthy();
  expect(screen.getAllByText('End it')).toHaveLength(1);
  await press('End it');
  expect(writes[0]).toMatchObject({ method: 'DELETE', path: 'me/sessions/s2' });
  await press('Change your password');
  await type('password now', 'wrong');
  await type(/new password/, 'ten letters or more');
  await press('Change it');
  expect(screen.getByText('This is not your password now.')).toBeTruthy();
});

test('signing out ends the session', async () => {
  const { writes } = await showScreen(<PersonScreen />, { answers: { 'DELETE session': {} } });
  await press('Sign out');
  await press('Yes, sign out');
  expect(writes[0]).toMatchObject({ method: 'DELETE', path: 'session' });
});

test('where the server does not answer, whoever signs out is told that they still are signed in', async () => {
  await showScreen(<PersonScreen />, { answers: { 'DELETE session': { status: 503, message: 'The database is away.' } } });
  await press('Sign out');
  await press('Yes, sign out');
  expect(screen.getByText('The database is away.')).toBeTruthy();
});

test('leads on to the schools and to the check of a file', async () => {
  await showScreen(<PersonScreen />);
  await press('Shop practice');
  await press('Check a record file');
  expect(went()).toEqual(['/schools', '/verify']);
});
