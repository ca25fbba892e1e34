import { RECORD_FORMAT, RECORD_VERSION, sealEntry, type SealedContent } from '@kesto/core';
import { screen } from '@testing-library/react-native';
import { draftOf, jointView } from '@/testing/joints';
import { press, showScreen, type } from '@/testing/screen';
import { VerifyScreen } from './VerifyScreen';

let mockFile: string | null = null;
jest.mock('./pickRecord', () => ({ pickRecord: () => Promise.resolve(mockFile) }));

const { entries } = jointView(draftOf(), [
  { kind: 'prepared', values: { note: 'cleaned' }, corrects: null },
  { kind: 'cooled', values: { note: 'cold' }, corrects: null },
]);
const record = { format: RECORD_FORMAT, version: RECORD_VERSION, entries, photos: {}, seal: null };
const choose = async (text: string | null) => {
  mockFile = text;
  await press('Choose a file');
};

test('says first what to do; a whole file is unbroken, an altered one names the entry', async () => {
  const { writes } = await showScreen(<VerifyScreen />);
  expect(screen.getByText('No file chosen')).toBeTruthy();
  await choose(JSON.stringify(record));
  expect(screen.getByText('2 entries, unbroken')).toBeTruthy();
  await choose(JSON.stringify(record).replace('"cold"', '"warm"'));
  expect(screen.getByText(/^Broken at entry 2: the entry was altered/)).toBeTruthy();
  expect(writes).toHaveLength(0);
});

test('a file that is no record is refused with the reason; nothing stays of the one before', async () => {
  await showScreen(<VerifyScreen />);
  await choose(JSON.stringify(record));
  await choose('not even JSON');
  expect(screen.getByText(/^This file cannot be checked:/)).toBeTruthy();
  expect(screen.queryByText(/unbroken/)).toBeNull();
  await choose('{"format":"recipe"}');
  expect(screen.getByText(/not a Kesto file/)).toBeTruthy();
});

test('without a file chosen nothing changes', async () => {
  await showScreen(<VerifyScreen />);
  await choose(null);
  expect(screen.getByText('No file chosen')).toBeTruthy();
});

test('a hash noted from paper, with its spaces, is looked for in the chain; one that is not there is said', async () => {
  await showScreen(<VerifyScreen />);
  await choose(JSON.stringify(record));
  const note = (hash: string) => type('a hash you noted (from paper; may stay empty)', hash);
  await note(entries[0]!.hash.replace(/(.{4})/g, '$1 '));
  expect(screen.getByText(/^The hash you noted is in the chain, 1 entry follows it/)).toBeTruthy();
  await note('0'.repeat(64));
  expect(screen.getByText(/^Broken: the chain does not hold the hash/)).toBeTruthy();
});

test('a sealed entry whose values are nonsense is said to be unshowable; the sheet stays and the next file is shown', async () => {
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const nonsense = { ...entries[0]!.content, deviceTime: 'yesterday' };
  await showScreen(<VerifyScreen />);
  await choose(JSON.stringify({ ...record, entries: [sealEntry(nonsense as SealedContent)] }));
  expect(screen.getByText(/^This record cannot be shown/)).toBeTruthy();
  await choose(JSON.stringify(record));
  expect(screen.getByText('2 entries, unbroken')).toBeTruthy();
});
