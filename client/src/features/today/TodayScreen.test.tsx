import { screen } from '@testing-library/react-native';
import { dayWith, summary } from '@/testing/jobs';
import { EMPTY_DAY, press, showScreen, went } from '@/testing/screen';
import { TodayScreen } from './TodayScreen';

const show = (today: unknown, rest: Parameters<typeof showScreen>[1] = {}) =>
  showScreen(<TodayScreen />, { ...rest, answers: { 'GET today': today, ...rest.answers } });

test('carries on at the open job', async () => {
  await show(dayWith());
  expect(screen.getByText(/CR2 vault cold room, job 31/)).toBeTruthy();
  expect(screen.getByText(/plan: 1 of 2 planned/)).toBeTruthy();
  await press('Carry on at CR2');
  expect(went()).toEqual(['/jobs/job']);
});

test.each(['phone', 'wide'] as const)('what was sent back, what ends soon and what was made stand there, %s', async (size) => {
  const today = dayWith({
    sentBack: [{ joint: summary('GH2-14', 'sent-back'), jobId: 'j', by: 'Maren Ito-Dahl', why: 'fillet open at the back' }],
    due: [{ name: 'Oskar Penn', what: 'silver filler', until: '2026-12-11' }],
    toRead: [summary('CR2-03', 'accepted')],
  });
  await show(today, { size });
  expect(screen.getByText('fillet open at the back')).toBeTruthy();
  expect(screen.getByText('silver filler approval ends 11 December')).toBeTruthy();
  await press('CR2-03');
  expect(went()).toEqual(['/joints/CR2-03']);
});

test('an inspector is led to what there is to read', async () => {
  await show(dayWith({ toRead: [summary('CR2-03', 'accepted')] }), { role: 'inspector' });
  await press('Read CR2-03');
  expect(went()).toEqual(['/joints/CR2-03']);
});

test('a day without jobs says so, and a job can be opened', async () => {
  await show(dayWith({ jobs: [] }));
  expect(screen.getByText('No open job')).toBeTruthy();
  await press('Open a job');
  expect(went()).toEqual(['/jobs/new']);
});

test('a shop that has nothing yet is told what comes first', async () => {
  await show(EMPTY_DAY);
  expect(screen.getByText(/the first machine is read from its plate/)).toBeTruthy();
});

test('a day that cannot be fetched says why and offers to try again', async () => {
  await show({ status: 503, message: 'The database is away.' });
  expect(screen.getByText('The database is away.')).toBeTruthy();
  expect(screen.getByText('Try again')).toBeTruthy();
});
