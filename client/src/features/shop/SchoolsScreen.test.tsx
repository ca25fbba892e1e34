import { screen } from '@testing-library/react-native';
import { press, showScreen } from '@/testing/screen';
import { SchoolsScreen } from './SchoolsScreen';

const show = (role: 'lead' | 'technician', answers: object = {}) =>
  showScreen(<SchoolsScreen />, { role, answers: { 'GET schools': { houseRod: 'silver-15' }, ...answers } });

test('every question stands there with what each school gains and risks', async () => {
  await show('technician');
  expect(screen.getByText('Which rod on copper')).toBeTruthy();
  expect(screen.getByText(/for tough, bridges a gap; but costly/)).toBeTruthy();
  expect(screen.getByText(/for cheapest, flows thin; but brittle in the cold/)).toBeTruthy();
  expect(screen.getByText(/What the data plate says/)).toBeTruthy();
});

test('a lead chooses; the other answers stay as they were', async () => {
  const { writes } = await show('lead', { 'PUT schools': {} });
  await press('by refrigerant');
  expect(writes[0]?.body).toEqual({ houseRod: 'silver-15', testPressure: 'by-refrigerant' });
});

test('a lead goes back to the usual', async () => {
  const { writes } = await show('lead', { 'PUT schools': {} });
  await press('15 % silver');
  await press('5-6 % silver');
  expect(writes.at(-1)?.body).toEqual({ houseRod: 'silver-5' });
});

test('a technician reads them and cannot change them', async () => {
  const { writes } = await show('technician', { 'PUT schools': {} });
  expect(screen.getByText('chosen by the lead')).toBeTruthy();
  await press('by refrigerant');
  expect(writes).toHaveLength(0);
});

test('what cannot be stored is said, and what cannot be fetched too', async () => {
  await show('lead', { 'PUT schools': { status: 400, message: 'This school is not known.' } });
  await press('by refrigerant');
  expect(screen.getByText('This school is not known.')).toBeTruthy();
  await show('lead', { 'GET schools': { status: 503, message: 'The database is away.' } });
  expect(screen.getByText('The database is away.')).toBeTruthy();
});
