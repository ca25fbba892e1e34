import { screen } from '@testing-library/react-native';
import { personAs, press, showScreen } from '@/testing/screen';
import { SealScreen } from './SealScreen';

const WORDS = ['wonder', 'oyster', 'eyebrow', 'clever', 'engage', 'lion', 'domain', 'model'];
const treeHead = {
  origin: 's',
  name: 'Lumikero',
  epoch: 1,
  size: 12,
  root: 'r',
  time: '2026-11-30T10:00:00.000Z',
  key: 'k',
  signature: 'x',
};
const seal = (rest: object = {}) => ({ state: 'sealing', treeHead, keyWords: WORDS, grown: false, ...rest });
const device = (rest: object = {}) => ({
  ...{ device: 'd1', person: { id: 'p1', name: 'Ilta Varro' }, alg: 'Ed25519', keyWords: WORDS, since: '2026-11-30T09:00:00.000Z' },
  ...{ until: null, vouchedBy: [], ...rest },
});
const show = (answers: Readonly<Record<string, unknown>>, role: 'technician' | 'admin' = 'technician') =>
  showScreen(<SealScreen />, {
    role,
    answers: { 'GET session': personAs(role), 'GET seal': seal(), 'GET devices': [device()], ...answers },
  });

test('the key in words, whose devices sign, and that nobody vouched for one yet', async () => {
  await show({});
  expect(screen.getByText('This server signs.')).toBeTruthy();
  expect(screen.getAllByText('oyster')).toHaveLength(2);
  expect(screen.getByText('nobody has vouched for it yet')).toBeTruthy();
  expect(screen.queryByText('The key was lost')).toBeNull();
});

test('a device that cannot sign vouches for none, and says so', async () => {
  const { writes } = await show({});
  await press('Vouch for it');
  expect(screen.getByText('This device has no key to vouch with.')).toBeTruthy();
  expect(writes).toHaveLength(0);
});

test('a lost device is ended by its person', async () => {
  const { writes } = await show({ 'PUT devices/d1/ended/*': { ok: true } });
  await press('It is lost');
  expect(writes[0]?.body).toMatchObject({ why: 'lost' });
});

test('a restored copy signs nothing until an admin says that it is the server now', async () => {
  const { writes } = await show({ 'GET seal': seal({ state: 'restored-copy' }), 'PUT seal/server': seal() }, 'admin');
  expect(screen.getByText(/^These records were put back from a backup/)).toBeTruthy();
  await press('This is the server now');
  expect(writes[0]?.path).toBe('seal/server');
});

test('where this browser keeps no key it is said; a server that is away too', async () => {
  await show({ 'GET devices': [], 'GET seal': { status: 503, message: 'The database is away.' } });
  expect(screen.getByText('No device signs yet')).toBeTruthy();
  expect(screen.getByText(/The database is away/)).toBeTruthy();
});
