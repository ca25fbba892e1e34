import { screen } from '@testing-library/react-native';
import { openCheck } from '@/signing';
import { deviceKeeps, showScreen } from '@/testing/screen';
import { TreeNote } from './TreeNote';

jest.mock('@/signing', () => ({ openCheck: jest.fn() }));
jest.mock('@/state/ownWork', () => ({ AFTER_OWN_WORK_MS: 0 }));

const KEPT = 'kesto.tree.s';
const head = (rest: object = {}) => ({ epoch: 1, size: 12, root: 'root of 12', ...rest });
const seen = (rest: object = {}) => JSON.stringify(head({ size: 9, root: 'root of 9', ...rest }));

/** What the proofs come to, whoever made them. */
const proofsHold = (isContinued: boolean, isSignedHead = true) =>
  jest.mocked(openCheck).mockResolvedValue({ isContinued: () => isContinued, isSignedHead: () => isSignedHead } as never); // cast: what is asked of it here

async function contact(kept: string | null, treeHead: object | null = head()) {
  await showScreen(<TreeNote shop="s" />, {
    answers: { 'GET seal': { treeHead }, 'GET seal/continued/9': { treeHead: treeHead ?? {}, continued: { proof: [] } } },
    ...(kept ? { onDevice: { [KEPT]: kept } } : {}),
  });
  return deviceKeeps(KEPT)[KEPT];
}

beforeEach(() => jest.mocked(openCheck).mockReset());

const NOTHING_SAID = () => expect(screen.queryByText(/The shop’s records/)).toBeNull();

test('a tree this device sees for the first time is kept, and nothing is said', async () => {
  expect(JSON.parse((await contact(null)) ?? '')).toEqual(head());
  NOTHING_SAID();
  expect(openCheck).not.toHaveBeenCalled();
});

test('one that goes on from what was seen is kept in its place', async () => {
  proofsHold(true);
  expect(JSON.parse((await contact(seen())) ?? '')).toEqual(head());
  NOTHING_SAID();
});

test('the very same one asks for no proof', async () => {
  await contact(JSON.stringify(head()));
  NOTHING_SAID();
  expect(openCheck).not.toHaveBeenCalled();
});

test.each([
  ['that is no beginning of it', () => proofsHold(false)],
  ['whose head nobody signed', () => proofsHold(true, false)],
])('one %s is told, with both sizes, and what was seen stays kept', async (_what, prove) => {
  prove();
  expect(await contact(seen())).toBe(seen());
  expect(screen.getByText(/the tree of 9 leaves it kept is not the beginning of the one of 12/)).toBeTruthy();
});

test('one of the same size with another root is no other word for the same', async () => {
  proofsHold(false);
  await contact(seen({ root: 'another root' }), head({ size: 9, root: 'root of 9' }));
  expect(screen.getByText(/made records anew/)).toBeTruthy();
});

test('one that is shorter is told without asking for a proof', async () => {
  await contact(seen({ size: 20 }));
  expect(screen.getByText(/the tree of 20 leaves/)).toBeTruthy();
  expect(openCheck).not.toHaveBeenCalled();
});

test('after a restore it is said that what was between is lost, not that somebody forged', async () => {
  const kept = await contact(seen({ size: 20 }), head({ epoch: 2 }));
  expect(screen.getByText(/put back from a backup since this device was here last/)).toBeTruthy();
  expect(JSON.parse(kept ?? '')).toMatchObject({ epoch: 2, size: 12 });
});

test('what stands on the device and is no tree head is as good as none', async () => {
  expect(JSON.parse((await contact('{"size":')) ?? '')).toEqual(head());
  NOTHING_SAID();
});

test('a shop that sealed nothing yet says nothing', async () => {
  await contact(seen(), null);
  NOTHING_SAID();
});
