import { screen } from '@testing-library/react-native';
import { draftOf, jointView } from '@/testing/joints';
import { showScreen } from '@/testing/screen';
import { LabelNote } from './LabelNote';

const joint = jointView(draftOf(), [
  { kind: 'prepared', values: { note: '' }, corrects: null },
  { kind: 'cooled', values: { note: '' }, corrects: null },
]);
const scanned = (tag: string, sequence: number, head: string) => {
  globalThis.location = { hash: `#1~${tag}~${sequence}~${head}~${'ab'.repeat(8)}`, pathname: '/joints/x' } as Location;
};
afterEach(() => {
  globalThis.location = undefined as unknown as Location;
});

test.each([
  ['of the record as it stands', 2, 1, /as it stands now/],
  ['of an earlier entry', 1, 0, /^As of entry 1 of 2/],
])('a label %s', async (_what, sequence, at, says) => {
  scanned(joint.tag, sequence, joint.entries[at]?.hash ?? '');
  await showScreen(<LabelNote joint={joint} />);
  expect(screen.getByText(says)).toBeTruthy();
});

test('a head that the record does not hold is said', async () => {
  scanned(joint.tag, 2, 'f'.repeat(64));
  await showScreen(<LabelNote joint={joint} />);
  expect(screen.getByText(/is not in this record/)).toBeTruthy();
});

test('a label of another joint is said', async () => {
  scanned('QX9-99', 2, joint.entries[1]?.hash ?? '');
  await showScreen(<LabelNote joint={joint} />);
  expect(screen.getByText(/The label is of QX9-99/)).toBeTruthy();
});

test.each(['', '#1~CR2-07', `#1~CR2-07~0~${'f'.repeat(64)}~${'ab'.repeat(8)}`, `#1~%~1~${'f'.repeat(64)}`])(
  '%s is no label, and nothing is said',
  async (hash) => {
    globalThis.location = { hash, pathname: '/joints/x' } as Location;
    await showScreen(<LabelNote joint={joint} />);
    expect(screen.queryByText(/label/)).toBeNull();
  },
);
