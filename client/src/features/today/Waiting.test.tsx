import type { Today } from '@kesto/contract';
import { screen } from '@testing-library/react-native';
import { dayWith, summary } from '@/testing/jobs';
import { press, showScreen, went } from '@/testing/screen';
import { isWaiting, Waiting } from './Waiting';

const show = (rest: Partial<Today>) => showScreen(<Waiting today={dayWith(rest)} />);
const [JOB] = dayWith().jobs;
const watch = {
  beganAt: '2026-11-24T13:00:00.000Z',
  endedAt: null,
  endsAt: new Date(2026, 10, 24, 15, 40).toISOString(),
  by: 'Oskar Penn',
  isNotWitnessed: false,
};

test('a fire watch stands with its end and its watcher, and leads to making safe', async () => {
  await show({ jobs: [{ ...JOB!, watch }] });
  expect(screen.getByText('by Oskar Penn')).toBeTruthy();
  await press('CR2, fire watch until 15:40');
  expect(went()).toEqual(['/jobs/job/safe']);
});

test('one that nobody witnessed is said to be so, with no time that would look like a promise', async () => {
  await show({ jobs: [{ ...JOB!, watch: { ...watch, isNotWitnessed: true } }] });
  expect(screen.getByText('CR2, a fire watch nobody witnessed')).toBeTruthy();
  expect(screen.queryByText(/15:40/)).toBeNull();
});

test('an entry that came out of turn waits for a lead at its joint', async () => {
  await show({ toSettle: [summary('CR2-07', 'planned')] });
  expect(screen.getByText(/^an entry came out of turn or at a locked torch/)).toBeTruthy();
  await press('CR2-07');
  expect(went()).toEqual(['/joints/CR2-07']);
});

test.each([
  ['calibration', 'vacuum gauge', 'to be calibrated by 11 December', '/van'],
  ['cylinder-test', 'recovery cylinder', 'cylinder to be tested by 11 December', '/van'],
  ['confirmation', 'Oskar Penn', 'approvals to be confirmed by 11 December', '/people'],
] as const)('what comes due of %s says what and when, and leads to where it is settled', async (kind, name, text, href) => {
  await show({ due: [{ kind, name, until: '2026-12-11' }] });
  expect(screen.getByText(text)).toBeTruthy();
  await press(name);
  expect(went()).toEqual([href]);
});

test('a day on which nothing waits is told from one on which something does', () => {
  expect(isWaiting(dayWith())).toBe(false);
  expect(isWaiting(dayWith({ toRead: [summary('CR2-03', 'passed')] }))).toBe(true);
  expect(isWaiting(dayWith({ jobs: [{ ...JOB!, watch }] }))).toBe(true);
});
