import { fireEvent, screen } from '@testing-library/react-native';
import { press, showScreen, type } from '@/testing/screen';
import { jobWithStages, stageAnswers } from '@/testing/stages';
import { FindScreen } from './FindScreen';

const COMPLAINT = ['find', 'complaint', { text: 'warm' }] as const;
const bar = (value: number) => ({ value, unit: 'barg' });
const C = (value: number) => ({ value, unit: 'C' });
/** As an earlier visit read it. */
const FIRST = {
  ...{ mode: 'cooling', application: 'cold-room', refrigerant: 'R-449A', metering: 'valve', receiver: false },
  suction: { pressure: bar(2.5), line: C(0), at: 'evaporator' },
};

async function read(noted: readonly unknown[], typed: Readonly<Record<string, string>>) {
  const answers = stageAnswers(jobWithStages([COMPLAINT, ...noted] as never)); // cast: kinds of this very stage
  const shown = await showScreen(<FindScreen id="job" />, { answers });
  await press('Readings');
  for (const [label, text] of Object.entries(typed)) await type(label, text);
  return shown;
}

test('gauges and thermometers before anything is touched: what they say stands beside what is usual', async () => {
  const { writes } = await read([], { 'suction pressure': '250 kPa', 'suction line': '25 °C' });
  await press('Keep the readings');
  expect(writes[0]?.body).toMatchObject({
    kind: 'readings',
    values: { request: { refrigerant: 'R-449A', suction: { pressure: bar(2.5), line: C(25), at: 'evaporator' } } },
  });
  expect(screen.getByText('What they say')).toBeTruthy();
  expect(screen.getByText('superheat')).toBeTruthy();
  expect(screen.getByText(/^Advice, never a verdict/)).toBeTruthy();
});

test('a line that was felt is kept as felt, and what comes of it is called rough', async () => {
  const { writes } = await read([], { 'suction pressure': '250 kPa', 'suction line': '5 °C' });
  fireEvent.press(screen.getByRole('checkbox', { name: 'the suction line was felt, not read' }));
  await press('Keep the readings');
  expect(writes[0]?.body).toMatchObject({ values: { guessed: ['suction'] } });
  expect(screen.getAllByText(/^~.* \*$/).length).toBeGreaterThan(0);
});

test('later readings stand beside the first of the job', async () => {
  await read([['find', 'readings', { request: FIRST }]], { 'suction pressure': '250 kPa', 'suction line': '25 °C' });
  await press('Keep the readings');
  expect(screen.getByText('at first')).toBeTruthy();
});

test('a pressure that no gauge reads is refused at its name; nothing is kept', async () => {
  const { writes } = await read([], { 'suction pressure': '-300 kPa', 'suction line': '5 °C' });
  await press('Keep the readings');
  expect(screen.getAllByText(/suction.*(must|cannot|between|above)/i).length).toBeGreaterThan(0);
  expect(writes).toEqual([]);
  expect(screen.queryByText('What they say')).toBeNull();
});
