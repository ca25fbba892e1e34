import { screen } from '@testing-library/react-native';
import { dayWith, summary } from '@/testing/jobs';
import { SITE } from '@/testing/joints';
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
    due: [{ name: 'Oskar Penn', kind: 'approval', scope: 'silver', until: '2026-12-11' }],
    toRead: [summary('CR2-03', 'accepted')],
  });
  await show(today, { size });
  expect(screen.getByText('fillet open at the back')).toBeTruthy();
  expect(screen.getByText(/silver filler with flux ends 11 December/)).toBeTruthy();
  await press('CR2-03');
  expect(went()).toEqual(['/joints/CR2-03']);
});

test('an inspector is led to what there is to read', async () => {
  await show(dayWith({ toRead: [summary('CR2-03', 'accepted')] }), { role: 'inspector' });
  await press('Read CR2-03');
  expect(went()).toEqual(['/joints/CR2-03']);
});

test('a day without jobs says so, and a job can be opened', async () => {
  await show(dayWith({ jobs: [], toRead: [summary('CR2-03', 'accepted')] }));
  expect(screen.getByText('No open job')).toBeTruthy();
  await press('Open a job');
  expect(went()).toEqual(['/jobs/new']);
});

test('a shop that has nothing yet is led in five steps, those that are done ticked', async () => {
  const nothing = {
    'GET people': { people: [{}], invites: [] },
    'GET sites/after/first': { sites: [SITE], next: null },
    'GET units/after/first': { units: [], next: null },
  };
  await show(EMPTY_DAY, { answers: nothing, role: 'admin' });
  expect(screen.getAllByRole('link', { name: /^(People|The van|A site|A machine|A job)/ })).toHaveLength(5);
  expect(screen.getByRole('link', { name: 'A site, done' })).toBeTruthy();
  await press('People');
  expect(went()).toEqual(['/people']);
});

test('a day that cannot be fetched says why and offers to try again', async () => {
  await show({ status: 503, message: 'The database is away.' });
  expect(screen.getByText('The database is away.')).toBeTruthy();
  expect(screen.getByText('Try again')).toBeTruthy();
});
