import { RECORD_FORMAT, RECORD_VERSION, sealEntry, type SealedContent } from '@kesto/core';
import { screen } from '@testing-library/react-native';
import { draftOf, jointView } from '@/testing/joints';
import { press, showScreen, type } from '@/testing/screen';
import { VerifyScreen } from './VerifyScreen';

let mockFile: { name: string; bytes: Uint8Array } | null = null;
jest.mock('./pickRecord', () => ({ pickRecord: () => Promise.resolve(mockFile) }));

const { entries } = jointView(draftOf(), [
  { kind: 'prepared', values: { note: 'cleaned' }, corrects: null },
  { kind: 'cooled', values: { note: 'cold' }, corrects: null },
]);
const record = { format: RECORD_FORMAT, version: RECORD_VERSION, entries, photos: {}, seal: null };
const choose = async (text: string | null) => {
  mockFile = text === null ? null : { name: 'record.json', bytes: new TextEncoder().encode(text) };
  await press('Choose a file');
};

test('says first what to do; a whole file is unbroken, an altered one names the entry', async () => {
  const { writes } = await showScreen(<VerifyScreen />);
  expect(screen.getByText('No file chosen')).toBeTruthy();
  await choose(JSON.stringify(record));
  expect(await screen.findByText('2 entries, unbroken')).toBeTruthy();
  await choose(JSON.stringify(record).replace('"cold"', '"warm"'));
  expect(await screen.findByText(/^Broken at entry 2: the entry was altered/)).toBeTruthy();
  expect(writes).toHaveLength(0);
});

test('a file that is no record is refused with the reason; nothing stays of the one before', async () => {
  await showScreen(<VerifyScreen />);
  await choose(JSON.stringify(record));
  await choose('not even JSON');
  expect(await screen.findByText(/^This file cannot be checked:/)).toBeTruthy();
  expect(screen.queryByText(/unbroken/)).toBeNull();
  await choose('{"format":"recipe"}');
  expect(await screen.findByText(/not a Kesto file/)).toBeTruthy();
});

test('against something kept from before a record that was cut short is found; without a seal nothing shows whose it is', async () => {
  await showScreen(<VerifyScreen />);
  await choose(JSON.stringify({ ...record, entries: entries.slice(0, 1) }));
  expect(await screen.findByText(/^No shop has sealed this file: it hangs together/)).toBeTruthy();
  mockFile = { name: 'kept.json', bytes: new TextEncoder().encode(JSON.stringify(record)) };
  await press('Hold it against what you kept');
  expect(await screen.findByText(/^Broken at entry 1: the chain ends before what you kept of it/)).toBeTruthy();
  await press('Leave it');
  expect(await screen.findByText('1 entry, unbroken')).toBeTruthy();
});

test('without a file chosen nothing changes', async () => {
  await showScreen(<VerifyScreen />);
  await choose(null);
  expect(screen.getByText('No file chosen')).toBeTruthy();
});

test('a hash noted from paper, with its spaces, is looked for in the chain; one that is not there is said', async () => {
  await showScreen(<VerifyScreen />);
  await choose(JSON.stringify(record));
  const note = (hash: string) => type('a hash, or a label’s code (may stay empty)', hash);
  await note(entries[0]!.hash.replace(/(.{4})/g, '$1 '));
  expect(await screen.findByText(/^The hash you noted is in the chain, 1 entry follows it/)).toBeTruthy();
  await note('0'.repeat(64));
  expect(await screen.findByText(/^Broken: the chain does not hold the hash/)).toBeTruthy();
});

test('a sealed entry whose values are nonsense is said to be unshowable; the sheet stays and the next file is shown', async () => {
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const nonsense = { ...entries[0]!.content, deviceTime: 'yesterday' };
  await showScreen(<VerifyScreen />);
  await choose(JSON.stringify({ ...record, entries: [sealEntry(nonsense as SealedContent)] }));
  expect(await screen.findByText(/^This record cannot be shown/)).toBeTruthy();
  await choose(JSON.stringify(record));
  expect(await screen.findByText('2 entries, unbroken')).toBeTruthy();
});
