import { screen } from '@testing-library/react-native';
import { press, showScreen } from '@/testing/screen';
import { DeviceList } from './DeviceList';

const WORDS = ['anchor', 'basil', 'cedar', 'delta', 'ember', 'fable', 'gravel', 'hollow'];
const device = (rest: object = {}) => ({
  ...{ device: 'd1', person: { id: 'p2', name: 'Oskar Penn' }, since: '2026-11-20T08:00:00.000Z', until: null },
  ...{ vouchedBy: [], keyWords: WORDS },
  ...rest,
});
const show = (devices: unknown, answers: object = {}) => showScreen(<DeviceList />, { answers: { 'GET devices': devices, ...answers } });

test('whose device it is, since when, and that nobody vouched for it yet, with the words to compare', async () => {
  await show([device()]);
  expect(screen.getByText('Oskar Penn')).toBeTruthy();
  expect(screen.getByText(/^since 20 Nov 2026/)).toBeTruthy();
  expect(screen.getByText('nobody has vouched for it yet')).toBeTruthy();
  for (const word of WORDS) expect(screen.getByText(word)).toBeTruthy();
  expect(screen.getByText(/Compare the words with those on that device first/)).toBeTruthy();
});

test('one that was vouched for, or has ended, is not vouched for again', async () => {
  await show([device({ vouchedBy: ['Maren Ito-Dahl'] }), device({ device: 'd2', until: '2026-11-25T08:00:00.000Z' })]);
  expect(screen.getByText('Maren Ito-Dahl vouched for it')).toBeTruthy();
  expect(screen.getByText(/ended 25 Nov 2026/)).toBeTruthy();
  expect(screen.queryByText('Vouch for it')).toBeNull();
  expect(screen.getAllByText('It is lost')).toHaveLength(1);
});

test('a device without a key vouches for nobody, and says so', async () => {
  const { writes } = await show([device()]);
  await press('Vouch for it');
  expect(screen.getByText('This device has no key to vouch with.')).toBeTruthy();
  expect(writes).toEqual([]);
});

test('a lost one is ended with its reason; a refusal is said', async () => {
  const { writes } = await show([device()], { 'PUT devices/d1/ended/*': { status: 403, message: 'It is not yours to end.' } });
  await press('It is lost');
  expect(writes[0]?.body).toMatchObject({ why: 'lost' });
  expect(screen.getByText('It is not yours to end.')).toBeTruthy();
});

test('none yet, and none to be had, each say why', async () => {
  await show([]);
  expect(screen.getByText('No device signs yet')).toBeTruthy();
  await show({ status: 503, message: 'The database is away.' });
  expect(screen.getByText('The database is away.')).toBeTruthy();
});
