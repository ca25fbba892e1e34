import { fireEvent, screen } from '@testing-library/react-native';
import { jobView, summary } from '@/testing/jobs';
import { press, settle, showScreen, type, went } from '@/testing/screen';
import { JobSchoolsScreen } from './JobSchoolsScreen';
import { JobScreen } from './JobScreen';

const SIGNED = { id: 'e1', by: 'Maren Ito-Dahl', at: '2026-11-24T08:00:00.000Z' };
const show = (job = jobView(), rest: Parameters<typeof showScreen>[1] = {}) =>
  showScreen(<JobScreen id="job" />, { ...rest, answers: { 'GET jobs/job': job, ...rest.answers } });

test('says where the job stands and goes on at the first joint that is not planned', async () => {
  await show();
  expect(screen.getByText('job 31, suction valve leaks')).toBeTruthy();
  expect(screen.getByText(/1 to plan/)).toBeTruthy();
  await press('Plan CR2-07');
  expect(went()).toEqual(['/joints/CR2-07']);
});

test('once all are planned it goes on at the first to make, and the plans can be printed', async () => {
  await show(jobView({ order: [summary('CR2-09', 'accepted'), summary('CR2-07', 'planned')] }));
  expect(screen.getByText('Print the plans')).toBeTruthy();
  await press('Go on at CR2-07');
  expect(went()).toEqual(['/joints/CR2-07']);
});

test('a job without joints says what to do first', async () => {
  await show(jobView({ order: [] }));
  expect(screen.getByText('No joint yet')).toBeTruthy();
  expect(screen.queryByText('Print the plans')).toBeNull();
});

test('a joint is added by where it is and opened at once', async () => {
  const { writes } = await show(jobView(), { answers: { 'PUT jobs/job/joints/*': summary('CR2-12', 'not-planned') } });
  await press('Add a joint');
  await press('Plan this joint');
  expect(writes).toHaveLength(0);
  fireEvent.changeText(screen.getByTestId('joint-title'), ' Suction, by the coil ');
  await press('Plan this joint');
  expect(writes[0]?.body).toEqual({ title: 'Suction, by the coil' });
  expect(went()).toEqual([writes[0]?.path.replace('jobs/job', '')]);
  // Back on the same page a second joint is another one, whatever it is called.
  await type('where it is', 'Suction, by the coil');
  await press('Plan this joint');
  expect(writes).toHaveLength(2);
  expect(writes[1]?.path).not.toBe(writes[0]?.path);
});

test('a joint the server cannot take now is opened all the same, with the tag it would get', async () => {
  const { writes } = await show(jobView(), { answers: { 'PUT jobs/job/joints/*': { status: 503, message: 'The database is away.' } } });
  await press('Add a joint');
  await type('where it is', 'Suction, by the coil');
  await press('Plan this joint');
  expect(went()).toEqual([writes[0]?.path.replace('jobs/job', '')]);
  expect(screen.getAllByText('CR2-10').length).toBeGreaterThan(0);
});

test('an inspector reads and is offered nothing to make', async () => {
  await show(jobView(), { role: 'inspector' });
  expect(screen.getByText('CR2-09')).toBeTruthy();
  expect(screen.queryByText('Add a joint')).toBeNull();
  expect(screen.queryByText('Schools of this job')).toBeNull();
  expect(screen.queryByText('Plan CR2-07')).toBeNull();
});

test('a job that cannot be fetched says why', async () => {
  await showScreen(<JobScreen id="gone" />, { answers: { 'GET jobs/gone': { status: 404, message: 'This job is not here.' } } });
  expect(screen.getByText('This job is not here.')).toBeTruthy();
});

test('sums kept from the bench and the job’s own schools stand on the job with who noted them', async () => {
  const sums = [
    { ...SIGNED, calculator: 'purge', given: [{ label: 'length', text: '12 m' }], answers: [{ label: 'flood', text: '1:58 min' }] },
  ];
  const schools = { ...SIGNED, schools: { houseRod: 'silver-15' as const }, reason: 'the owner’s standard' };
  await show(jobView({ sums, schools }));
  expect(screen.getByText('purge: flood 1:58 min')).toBeTruthy();
  expect(screen.getByText('from length 12 m')).toBeTruthy();
  expect(screen.getByText('Why: the owner’s standard')).toBeTruthy();
  expect(screen.getAllByText(/^Maren Ito-Dahl, 24 Nov 2026/)).toHaveLength(2);
});

describe('schools of a job', () => {
  const open = (answers: object = {}) =>
    showScreen(<JobSchoolsScreen id="job" />, {
      answers: { 'GET jobs/job': jobView(), 'GET schools': { houseRod: 'silver-5' }, ...answers },
    });

  test('what the shop does is said; a job that differs is kept with its reason', async () => {
    const { writes } = await open({ 'PUT jobs/job/entries/*': jobView() });
    expect(screen.getByText('The shop: 5-6 % silver.')).toBeTruthy();
    expect(screen.getByText(/Nothing differs yet/)).toBeTruthy();
    await press('15 % silver');
    await type('why this job differs', 'the owner’s standard');
    await press('Keep it so');
    expect(writes[0]?.body).toEqual({
      kind: 'schools',
      values: { schools: { houseRod: 'silver-15' }, reason: 'the owner’s standard' },
    });
    expect(went()).toEqual(['/jobs/job']);
  });

  test('what the server refuses is told at the reason, and the choice stays', async () => {
    await open({ 'PUT jobs/job/entries/*': { status: 400, message: 'Write why this job differs.', field: 'values.reason' } });
    await press('15 % silver');
    await press('Keep it so');
    expect(screen.getByText('Write why this job differs.')).toBeTruthy();
    expect(screen.getByText('tough, bridges a gap', { exact: false })).toBeTruthy();
    expect(went()).toEqual([]);
  });

  test('taken back, nothing differs', async () => {
    const { writes } = await open({ 'PUT jobs/job/entries/*': jobView() });
    await press('15 % silver');
    fireEvent.press(screen.getAllByText('as the shop')[1] as never); // the second question is the house rod
    await settle();
    await press('Keep it so');
    expect(writes[0]?.body).toEqual({ kind: 'schools', values: { schools: {} } });
  });
});

test('a stage that has no sheet of its own says so and takes a note', async () => {
  const { writes } = await show();
  fireEvent.press(screen.getByLabelText('open look'));
  expect(screen.getByText(/has no sheet of its own yet/)).toBeTruthy();
  await type('what was done, and what it showed', '600 Pa after 40 min');
  await press('Keep this note');
  expect(writes[0]?.body).toEqual({ kind: 'stage-note', values: { of: 'look', text: '600 Pa after 40 min' } });
});

test('a joint that was never lit is taken off the job with the reason; one that was made cannot be', async () => {
  const { writes } = await show(jobView({ order: [summary('CR2-09', 'accepted'), summary('CR2-07', 'planned')] }));
  await press('Take a joint off the job');
  expect(screen.queryByLabelText('take CR2-09 off the job')).toBeNull();
  fireEvent.press(screen.getByLabelText('take CR2-07 off the job'));
  await type('why', 'it is pressed');
  await press('Take CR2-07 off');
  expect(writes[0]?.body).toEqual({ kind: 'joint-removed', values: { joint: 'CR2-07', why: 'it is pressed' } });
});
