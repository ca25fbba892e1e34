import { RECORD_FORMAT, RECORD_VERSION } from '@kesto/core';
import { screen } from '@testing-library/react-native';
import { draftOf, jointView } from '@/testing/joints';
import { press, showScreen, type, went } from '@/testing/screen';
import { ImportScreen } from './ImportScreen';
import { ImportsScreen } from './ImportsScreen';
import { GoesOnNote } from './TheirRecord';

let mockFile: { name: string; bytes: Uint8Array } | null = null;
jest.mock('@/features/verify/pickRecord', () => ({ pickRecord: () => Promise.resolve(mockFile) }));

const SHA = 'c'.repeat(64);
const file = (rest: object = {}) => ({
  ...{ sha256: SHA, of: 'joint', name: 'NC4-01', keyWords: [], bytes: 900, by: 'Ilta Varro', at: '2026-11-30T10:00:00.000Z' },
  shop: { id: 's2', name: 'The other workshop', key: 'k', sealedAt: '2026-11-29T10:00:00.000Z' },
  joints: [{ chain: 'c1', tag: 'NC4-01', sequence: 2, head: 'h' }],
  ...rest,
});
const { entries } = jointView(draftOf(), [{ kind: 'prepared', values: { note: 'cleaned' }, corrects: null }]);
const record = { format: RECORD_FORMAT, version: RECORD_VERSION, entries, photos: {}, seal: null };

test('none yet says what it is for; each that was taken in says whose it is, and one that nobody sealed says so', async () => {
  await showScreen(<ImportsScreen />, { answers: { 'GET imports': [] } });
  expect(screen.getByText('None taken in yet')).toBeTruthy();
  const all = [file(), file({ sha256: 'd'.repeat(64), of: 'job', name: '31', shop: null, joints: [] })];
  await showScreen(<ImportsScreen />, { answers: { 'GET imports': all } });
  expect(screen.getByText('sealed by The other workshop, 29 November 2026')).toBeTruthy();
  expect(screen.getByText('no shop has sealed it')).toBeTruthy();
  await press('NC4-01');
  expect(went()).toContain(`/imports/${SHA}`);
});

test('what the server refuses is said, and what is too large is not sent at all', async () => {
  const refused = { status: 400, message: 'This file is not taken in: the entry was altered.' };
  const { writes } = await showScreen(<ImportsScreen />, { answers: { 'GET imports': [], 'PUT imports/*': refused } });
  mockFile = { name: 'big.zip', bytes: new Uint8Array(26_000_000) };
  await press('Take in a file');
  expect(await screen.findByText(/^big.zip has 26 MB: at most 25 MB/)).toBeTruthy();
  expect(writes).toHaveLength(0);
  mockFile = { name: 'record.json', bytes: new TextEncoder().encode('{}') };
  await press('Take in a file');
  expect(await screen.findByText(/the entry was altered/)).toBeTruthy();
});

test('an inspector reads them and takes nothing in', async () => {
  await showScreen(<ImportsScreen />, { role: 'inspector', answers: { 'GET imports': [file()] } });
  expect(screen.queryByText('Take in a file')).toBeNull();
});

test('one is checked here too, and an own joint that has not begun goes on from it', async () => {
  const own = { ...jointView(draftOf()), id: 'own', tag: 'CR2-08' };
  const answers = { [`GET imports/${SHA}/file`]: record, 'GET find/CR2-08': own, 'PUT joints/own/entries/*': {} };
  const { writes } = await showScreen(<ImportScreen sha256={SHA} />, { answers });
  expect(await screen.findByText('1 entry, unbroken')).toBeTruthy();
  await type('tag of the joint here', 'CR2-08');
  await press('Begin its record with theirs');
  const values = { file: SHA, shop: null, tag: expect.any(String) as string, sequence: 1, head: entries[0]?.hash };
  expect(writes[0]?.body).toMatchObject({ kind: 'goes-on-from', values });
  expect(went()).toContain('/joints/own');
});

test('one that has begun goes on from no other', async () => {
  const own = { ...jointView(draftOf(), [{ kind: 'prepared', values: { note: '' }, corrects: null }]), id: 'own', tag: 'CR2-08' };
  const { writes } = await showScreen(<ImportScreen sha256={SHA} />, {
    answers: { [`GET imports/${SHA}/file`]: record, 'GET find/CR2-08': own },
  });
  await type('tag of the joint here', 'CR2-08');
  await press('Begin its record with theirs');
  expect(screen.getByText(/^CR2-08 has a record of its own already/)).toBeTruthy();
  expect(writes).toHaveLength(0);
});

test('before it is made its sheet says whose it was', async () => {
  const told = {
    file: SHA,
    shop: null,
    shopName: 'The other workshop',
    key: null,
    chain: 'c1',
    tag: 'NC4-01',
    sequence: 2,
    head: 'ab'.repeat(32),
  };
  const own = jointView(draftOf(), [{ kind: 'goes-on-from' as never, values: told, corrects: null }]);
  await showScreen(<GoesOnNote entries={own.entries} />);
  expect(screen.getByText(/^Goes on from NC4-01 as The other workshop gave it, 2 entries/)).toBeTruthy();
  await press('Their record');
  expect(went()).toContain(`/imports/${SHA}`);
});
