import { screen } from '@testing-library/react-native';
import { press, showScreen, type } from '@/testing/screen';
import { FoundScreen } from './FoundScreen';

const joint = (n: number, rest: object = {}) => ({
  ...{
    id: `j${n}`,
    tag: `CR2-${String(n).padStart(2, '0')}`,
    title: 'Drier inlet, liquid line',
    unit: { id: 'u', tag: 'CR2', name: 'cold room 2' },
  },
  ...{ site: 'Lumikero', maker: 'Ilta Varro', filler: 'BCuP-6', lot: '24-118', madeAt: '2026-11-20T10:00:00.000Z', state: 'passed' },
  ...rest,
});
const page = (joints: readonly object[], next: string | null = null) => ({ joints, next, count: joints.length, isBehind: false });
const PEOPLE = { people: [], invites: [] };

test('each joint with who made it, of what lot and how it stands; on the phone in three lines', async () => {
  const answers = {
    'GET people': PEOPLE,
    'GET found/all': page([joint(7), joint(8, { maker: null, madeAt: null, filler: null, lot: null, state: 'planned' })]),
  };
  await showScreen(<FoundScreen />, { answers });
  expect(screen.getByText('2 joints, the newest first')).toBeTruthy();
  expect(screen.getByText('CR2-07')).toBeTruthy();
  expect(screen.getByText(/^Ilta Varro, .*BCuP-6, lot 24-118$/)).toBeTruthy();
  expect(screen.getByText('not made yet')).toBeTruthy();
});

test('wide it is a table under its heads; the link asks the same again', async () => {
  await showScreen(<FoundScreen />, { size: 'wide', answers: { 'GET people': PEOPLE, 'GET found/all': page([joint(7)]) } });
  for (const head of ['made by', 'filler', 'stands']) expect(screen.getAllByText(head).length).toBeGreaterThan(0);
  expect(screen.getByText('BCuP-6, lot 24-118')).toBeTruthy();
  await press('Copy the link to this table');
  expect(screen.getByText(/^(The link is copied|This browser does not copy)/)).toBeTruthy();
});

test('a day that is none is said at its field, and nothing is asked; no such joint is said', async () => {
  await showScreen(<FoundScreen />, { size: 'wide', answers: { 'GET people': PEOPLE, 'GET found/all': page([]) } });
  expect(screen.getByText('No such joint')).toBeTruthy();
  await type('made on or after', 'yesterday');
  expect(screen.getByText('a day is written as 2026-11-30')).toBeTruthy();
});

test('a table that is not whole yet says so, and is asked for again', async () => {
  await showScreen(<FoundScreen />, { answers: { 'GET people': PEOPLE, 'GET found/all': { ...page([joint(7)]), isBehind: true } } });
  expect(screen.getByText(/Not all joints are in this table yet/)).toBeTruthy();
  expect(screen.getByText('CR2-07')).toBeTruthy();
  await press('Ask again');
});

test('a server that is away is said, with a way to ask again', async () => {
  const away = { status: 503, message: 'The database is away.' };
  await showScreen(<FoundScreen />, { answers: { 'GET people': PEOPLE, 'GET found/all': away } });
  expect(screen.getByText(/The database is away/)).toBeTruthy();
});
