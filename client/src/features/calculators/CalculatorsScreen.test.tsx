import { fireEvent, screen } from '@testing-library/react-native';
import { INCH_PREFERENCES, METRIC_PREFERENCES } from '@kesto/core';
import { dayWith, jobView, summary } from '@/testing/jobs';
import { EMPTY_DAY, personAs, press, settle, showScreen, type, went } from '@/testing/screen';
import { CalculatorsScreen } from './CalculatorsScreen';
import { initialValues, work } from './calculator';
import { CALCULATORS } from './kinds';
import { sumOf } from './sum';

const answer = (label: string) => screen.getByTestId(`answer-${label}`).props.children;
const write = async (key: string, text: string) => {
  fireEvent.changeText(screen.getByTestId(`field-${key}`), text);
  await settle();
};

test.each(['phone', 'wide'] as const)('a sum answers as it is typed, %s', async (size) => {
  await showScreen(<CalculatorsScreen />, { size });
  expect(answer('each side, cold')).toBe('0.05');
  await write('bore', '22.63 mm');
  expect(answer('each side, cold')).toBe('0.20');
});

test('a field that cannot be read is told, and what was typed elsewhere stays', async () => {
  await showScreen(<CalculatorsScreen />);
  await write('bore', '22.63 mm');
  await write('od', 'wide');
  expect(screen.getByText(/cannot be read; write it like/)).toBeTruthy();
  expect(screen.getByText(/Mend the field that is marked/)).toBeTruthy();
  await write('od', '7/8');
  expect(answer('each side, cold')).toBe('0.20');
});

test('every sum opens, and one left comes back as it was typed', async () => {
  await showScreen(<CalculatorsScreen />);
  await write('bore', '22.63 mm');
  for (const { name, title } of CALCULATORS) {
    await press(name);
    expect(screen.getAllByText(title).length).toBeGreaterThan(0);
  }
  await press('gap');
  expect(screen.getByTestId('field-bore').props.value).toBe('22.63 mm');
});

test('answers follow the person’s own units', async () => {
  await showScreen(<CalculatorsScreen />, { answers: { 'GET session': personAs('technician', { units: INCH_PREFERENCES }) } });
  await press('strength');
  expect(answer('carries')).toBe('495');
});

describe('put in a job', () => {
  test('the sum is kept with the job as it stood', async () => {
    const { writes } = await showScreen(<CalculatorsScreen />, {
      size: 'wide',
      answers: { 'GET today': dayWith(), 'PUT jobs/job/entries/*': jobView() },
    });
    await press('Put in a job');
    await type('what it is for', 'the new valve');
    await press('Keep the sum there');
    expect(writes[0]?.body).toMatchObject({
      kind: 'sum',
      values: { calculator: 'gap', note: 'the new valve', answers: [{ label: 'each side, cold', text: '0.05 mm' }, {}] },
    });
    expect(screen.getByText('Kept with job 31.')).toBeTruthy();
    await write('bore', '22.63 mm');
    expect(screen.queryByText('Kept with job 31.')).toBeNull();
    await press('Back to the sum');
    expect(screen.queryByText('Keep the sum there')).toBeNull();
  });

  test('a sum of a joint goes on as that joint, with its figures in the draft', async () => {
    const { writes, store } = await showScreen(<CalculatorsScreen />, {
      answers: { 'GET today': dayWith(), 'PUT jobs/job/joints/*': summary('CR2-12', 'not-planned') },
    });
    await write('bore', '22.63 mm');
    await press('Put in a job');
    await press('Plan this joint there');
    expect(writes[0]?.body).toEqual({ title: 'From the gap sum' });
    const id = writes[0]?.path.split('/').at(-1) ?? '';
    expect(went()).toEqual([`/joints/${id}`]);
    expect(store.getState().drafts[id]?.present).toMatchObject({
      male: { od: '7/8 in' },
      female: { metal: 'brass', bore: '22.63 mm' },
    });
  });

  test('a sum of gas is no joint; without an open job nothing is lost', async () => {
    await showScreen(<CalculatorsScreen />, { answers: { 'GET today': EMPTY_DAY } });
    await press('purge');
    await press('Put in a job');
    expect(screen.getByText('No job is open')).toBeTruthy();
    expect(screen.queryByText('Plan this joint there')).toBeNull();
  });
});

test('a kept sum names the unit a bare number was read in', () => {
  const strength = CALCULATORS.find((c) => c.name === 'strength');
  if (!strength) throw new Error('no strength sum');
  const values = { ...initialValues(strength, METRIC_PREFERENCES), od: '22', wall: '1', maxTemp: '66', designPressure: '' };
  const worked = work(strength, values, METRIC_PREFERENCES);
  if (!worked.answer) throw new Error(JSON.stringify(worked.problems));
  const sum = sumOf(strength, { values, answer: worked.answer, units: METRIC_PREFERENCES });
  expect(sum.given).toEqual([
    { label: 'outside diameter', text: '22 mm' },
    { label: 'wall', text: '1 mm' },
    { label: 'hottest metal', text: '66 C' },
  ]);
});
