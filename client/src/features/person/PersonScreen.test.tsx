import { screen } from '@testing-library/react-native';
import { INCH_PREFERENCES, METRIC_PREFERENCES } from '@kesto/core';
import { personAs, press, showScreen, went } from '@/testing/screen';
import { PersonScreen } from './PersonScreen';

test('one unit is changed and the others stay', async () => {
  const { writes } = await showScreen(<PersonScreen />, { answers: { 'PUT me/units': personAs('technician') } });
  await press('psig');
  expect(writes[0]?.body).toEqual({ ...METRIC_PREFERENCES, pressure: 'psig' });
});

test('approvals stand there with their end, or that there are none', async () => {
  const approvals = [{ group: 'silver filler' as const, validUntil: '2027-03-31' }];
  await showScreen(<PersonScreen />, { answers: { 'GET session': personAs('technician', { approvals, units: INCH_PREFERENCES }) } });
  expect(screen.getByText('silver filler: until 31 March 2027')).toBeTruthy();
  await showScreen(<PersonScreen />);
  expect(screen.getByText('None entered')).toBeTruthy();
});

test('the light is chosen on this device and nothing is sent', async () => {
  const { writes, store } = await showScreen(<PersonScreen />);
  await press('night');
  expect(store.getState().theme).toBe('night');
  expect(writes).toHaveLength(0);
});

test('signing out ends the session', async () => {
  const { writes } = await showScreen(<PersonScreen />, { answers: { 'DELETE session': {} } });
  await press('Sign out');
  expect(writes[0]).toMatchObject({ method: 'DELETE', path: 'session' });
});

test('leads on to the schools and to the check of a file', async () => {
  await showScreen(<PersonScreen />);
  await press('The shop’s schools');
  await press('Check a record file');
  expect(went()).toEqual(['/schools', '/verify']);
});
