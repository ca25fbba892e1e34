import { fireEvent, screen } from '@testing-library/react-native';
import { press, settle, showScreen, type, went } from '@/testing/screen';
import { jobWithStages, stageAnswers } from '@/testing/stages';
import { FindScreen } from './FindScreen';

const COMPLAINT = ['find', 'complaint', { text: 'warm' }] as const;
const LOSS = ['find', 'loss', { lostKg: 0.41, days: 61 }] as const;
const LEAK = ['find', 'checked-place', { place: 'liquid-port', method: 'soap', result: 'leak', gramsPerYear: 100 }] as const;
const show = (noted: Parameters<typeof jobWithStages>[0], rest: Parameters<typeof showScreen>[1] = {}) =>
  showScreen(<FindScreen id="job" />, { answers: stageAnswers(jobWithStages(noted)), ...rest });
const bodies = (writes: readonly { body: unknown }[]) => writes.map((write) => write.body);

test('the loss to explain stands first, with how little of it is explained', async () => {
  await show([COMPLAINT, LOSS, LEAK]);
  expect(screen.getAllByText('2.5').length).toBeGreaterThan(0);
  expect(screen.getByText(/0.1 kg explained: keep looking/)).toBeTruthy();
});

test('a place is tapped on the drawing and kept with method and result; what shows nothing is kept as well', async () => {
  const { writes } = await show([COMPLAINT]);
  fireEvent.press(screen.getByLabelText('gas port'));
  fireEvent.press(screen.getByText('sniffer'));
  fireEvent.press(screen.getByText('nothing'));
  await press('Keep this place');
  expect(bodies(writes)).toMatchObject([
    { stage: 'find', kind: 'checked-place', values: { place: 'gas-port', method: 'sniffer', result: 'nothing' } },
  ]);
  expect(screen.getByText('sniffer, nothing')).toBeTruthy();
});

test('a leak’s size may be typed; what cannot be read is said at its field and nothing is sent', async () => {
  const { writes } = await show([COMPLAINT]);
  fireEvent.press(screen.getByLabelText('gas valve'));
  fireEvent.press(screen.getByText('leak'));
  await type('how much a year, if it can be told', 'a lot');
  await press('Keep this place');
  expect(screen.getByText(/cannot be read/)).toBeTruthy();
  expect(writes).toEqual([]);
  await type('how much a year, if it can be told', '100 g');
  await press('Keep this place');
  expect(bodies(writes)).toMatchObject([{ values: { place: 'gas-valve', result: 'leak', gramsPerYear: 100 } }]);
});

test('what keeps the stage open is told, and overruled only with a reason', async () => {
  const { writes } = await show([COMPLAINT, LOSS, LEAK]);
  await press('more');
  expect(screen.getByText(/Less than half of what is lost/)).toBeTruthy();
  expect(screen.getByText(/Nothing was looked at after the first leak/)).toBeTruthy();
  const [first] = screen.getAllByText('Overrule it');
  fireEvent.press(first!);
  expect(writes).toEqual([]);
  const [why] = screen.getAllByLabelText('why');
  fireEvent.changeText(why!, 'this one is mended first');
  fireEvent.press(screen.getAllByText('Overrule it')[0]!);
  await screen.findAllByText(/overruled/);
  expect(bodies(writes)).toMatchObject([{ kind: 'overruled', values: { gate: 'loss-not-explained', reason: 'this one is mended first' } }]);
});

test('a section is held from two readings: 0.4 bar lost at one temperature leaks', async () => {
  const { writes } = await show([COMPLAINT, LOSS]);
  fireEvent.press(screen.getByLabelText(/^hold section B/));
  await type('volume', '2.3 L');
  await type('pressure at the start', '1900 kPa');
  await type('pipe at the start', '20');
  await type('pressure at the end', '1860 kPa');
  await type('pipe at the end', '20');
  await press('Keep this hold');
  expect(screen.getByText(/^leaking 0\.05\d? Pa m³\/s, about/)).toBeTruthy();
  const [held] = bodies(writes) as { values: { verdict: string; leakPaM3S: number } }[];
  expect(held?.values.verdict).toBe('leaking');
  expect(held?.values.leakPaM3S).toBeCloseTo((0.0023 * 40_000) / 1800, 2); // V dp / t
});

test('with the cylinder still open nothing is tight; shut, it says down to what', async () => {
  const { writes } = await show([COMPLAINT, LOSS]);
  fireEvent.press(screen.getByLabelText(/^hold section B/));
  const level = { volume: '2.3 L', watched: '20 h', 'pressure at the start': '1900 kPa', 'pressure at the end': '1900 kPa' };
  for (const [label, text] of Object.entries({ ...level, 'pipe at the start': '20', 'pipe at the end': '20' })) await type(label, text);
  await press('Keep this hold');
  expect(screen.getByText(/cannot tell yet\. The cylinder or the hose stands open/)).toBeTruthy();
  for (const [label, text] of Object.entries({ ...level, 'pipe at the start': '20', 'pipe at the end': '20' })) await type(label, text);
  fireEvent.press(screen.getByRole('checkbox', { name: /^Cylinder shut/ }));
  await press('Keep this hold');
  expect(screen.getByText(/^tight down to .* Pa m³\/s, about .* a year of R-449A: soap decides/)).toBeTruthy();
  expect(bodies(writes)[0]).toMatchObject({ values: { verdict: 'cannot-tell', reasons: ['supply-open'], supplyShut: false } });
});

test('found and looked on: it is left for the next sheet', async () => {
  const { writes } = await show([COMPLAINT, ['find', 'checked-place', { place: 'rig', method: 'section-hold', result: 'nothing' }]]);
  await press('Found: decide');
  expect(bodies(writes)).toMatchObject([{ kind: 'done' }]);
  expect(went()).toEqual(['/jobs/job/decide']);
});

test('an inspector reads the places and is asked for nothing', async () => {
  await show([COMPLAINT, LEAK], { role: 'inspector', answers: stageAnswers(jobWithStages([COMPLAINT, LEAK])) });
  expect(screen.getByText('liquid port')).toBeTruthy();
  expect(screen.queryByText('What was lost')).toBeNull();
  expect(screen.queryByText('more')).toBeNull();
});

test('what was noted wrong is put right by an entry of its own, or struck out, each with its reason', async () => {
  const { writes } = await show([COMPLAINT, LOSS, LEAK]);
  fireEvent.press(screen.getByLabelText(/^put right: loss/));
  await type('in how many days', '90');
  await press('Put it right');
  expect(writes).toEqual([]);
  await type('why it is put right', 'it was filled in August');
  await press('Put it right');
  expect(bodies(writes)[0]).toMatchObject({ kind: 'corrected', corrects: { entry: 'e1', why: 'it was filled in August' } });
  expect(bodies(writes)[0]).toHaveProperty('values', { days: 90 });
  expect(screen.getByText(/^put right by .*it was filled in August$/)).toBeTruthy();
  fireEvent.press(screen.getByLabelText(/^put right: checked/));
  await press('strike it out');
  await type('why it is put right', 'of another machine');
  await press('Strike it out');
  expect(screen.getByText(/^struck out by .* of another machine$/)).toBeTruthy();
});

test('the form that comes next in the job lies open, and what is lost is asked after what is complained of', async () => {
  const answers = { ...stageAnswers(jobWithStages([])), 'PUT jobs/job/stages/*': {} };
  const { writes } = await showScreen(<FindScreen id="job" opens="complaint" />, { answers });
  await type('complaint', 'the vault creeps up');
  await press('Keep the complaint');
  expect(bodies(writes)).toMatchObject([{ kind: 'complaint', values: { text: 'the vault creeps up' } }]);
  expect(screen.getByLabelText('added, or missing')).toBeTruthy();
});

test('a complaint that was noted before does not open its form again', async () => {
  await showScreen(<FindScreen id="job" opens="complaint" />, { answers: stageAnswers(jobWithStages([COMPLAINT])) });
  expect(screen.queryByText('Keep the complaint')).toBeNull();
});

test('the next place shows nothing: one tap, by what was used last', async () => {
  const { writes } = await show([COMPLAINT, ['find', 'checked-place', { place: 'gas-port', method: 'sniffer', result: 'nothing' }]]);
  const before = screen.getAllByLabelText(/^sniffer, nothing: /).length;
  fireEvent.press(screen.getAllByLabelText(/^sniffer, nothing: /)[0]!);
  await settle();
  expect(screen.getAllByText('sniffer, nothing')).toHaveLength(2);
  expect(bodies(writes)[0]).toMatchObject({ kind: 'checked-place', values: { method: 'sniffer', result: 'nothing' } });
  expect(before).toBeGreaterThan(0);
});
