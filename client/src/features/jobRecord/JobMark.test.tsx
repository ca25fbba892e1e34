import { screen } from '@testing-library/react-native';
import type { SealedJobVerification } from '@kesto/core/tree';
import { showScreen } from '@/testing/screen';
import { JobMark } from './JobMark';

const chain = (of: 'job' | 'joint', name: string, entries: number) => ({ of, name, entries, head: 'abcd'.repeat(16), findings: [] });
const found = (rest: object) => rest as unknown as SealedJobVerification; // cast: what is shown of it

test('a whole job names each of its chains with what it ends in', async () => {
  const chains = [chain('job', '31', 12), chain('joint', 'CR2-07', 1)];
  await showScreen(<JobMark found={found({ intact: true, job: 31, chains, signed: null, older: null })} />);
  expect(screen.getByText('Job 31: 2 chains, unbroken')).toBeTruthy();
  expect(screen.getByText('job 31: 12 entries, ends in')).toBeTruthy();
  expect(screen.getByText('CR2-07: 1 entry, ends in')).toBeTruthy();
  expect(screen.getByText(/nothing shows whose it is/)).toBeTruthy();
});

test('what does not hold is named by part and entry, and nothing is called whole', async () => {
  await showScreen(<JobMark found={found({ intact: false, firstBroken: { in: 'joints/CR2-07.jsonl', entry: 3, why: 'head-missing' } })} />);
  expect(screen.getByText('Broken in joints/CR2-07.jsonl')).toBeTruthy();
  expect(screen.getByText(/entry 3:/)).toBeTruthy();
  expect(screen.queryByText(/unbroken/)).toBeNull();
});
