import { fireEvent, screen } from '@testing-library/react-native';
import { RECORD_FORMAT, RECORD_VERSION, type ExportedRecord } from '@kesto/core';
import { BRASS_STUB, draftOf, jointView } from '@/testing/joints';
import { jobView, summary } from '@/testing/jobs';
import { personAs, press, showScreen, type, went } from '@/testing/screen';
import { JointScreen } from './JointScreen';
import { PassportScreen } from './PassportScreen';

const BRAZED = {
  kind: 'brazed',
  values: { filler: 'BAg-36', rodMm: 40, seconds: 30, purgeLpm: 2.4, floodSeconds: 120, depthMm: 18.8, protection: 'putty', note: '' },
  corrects: null,
} as const;
const LOOKED = { kind: 'looked-at', values: { result: 'pass', findings: [], note: '' }, corrects: null } as const;
const CORRECTED = { kind: 'corrected', values: { depthMm: 18.2 }, corrects: { entry: 'e1', why: 'read the wrong mark' } } as const;

const draft = draftOf({ female: BRASS_STUB });
const made = jointView(draft, [BRAZED, LOOKED, CORRECTED]);
const passed = { ...made, state: 'passed' as const };
const record: ExportedRecord = { format: RECORD_FORMAT, version: RECORD_VERSION, entries: made.entries, photos: {}, seal: null };
const altered = {
  ...record,
  entries: made.entries.map((e, i) => (i === 1 ? { ...e, content: { ...e.content, person: { id: 'p1', name: 'Somebody else' } } } : e)),
};

const show = (joint = passed, rest: Parameters<typeof showScreen>[1] = {}) => showScreen(<PassportScreen joint={joint} />, rest);

test('what was planned stands against what was made, and the chain names each entry with who made it', async () => {
  await show();
  expect(screen.getByText('looked at, passes')).toBeTruthy();
  expect(screen.getByText('corrects 1')).toBeTruthy();
  expect(screen.getByText(/read the wrong mark/)).toBeTruthy();
  expect(screen.getAllByText(/Ilta Varro/).length).toBeGreaterThan(2);
});

test('checked, an untouched record is said to be unbroken, and only then', async () => {
  await show(passed, { role: 'inspector', answers: { 'GET joints/joint/record.json': record } });
  expect(screen.getByText('3 entries, not checked yet')).toBeTruthy();
  await press('Check every link');
  expect(await screen.findByText('3 entries, unbroken')).toBeTruthy();
  expect(screen.getByText('3 entries, ends in')).toBeTruthy();
  expect(screen.getByTestId('head')).toHaveTextContent((made.entries.at(-1)?.hash ?? '').replace(/(.{4})(?=.)/g, '$1 '));
});

test('one altered letter is found and its entry named', async () => {
  await show(passed, { role: 'inspector', answers: { 'GET joints/joint/record.json': altered } });
  await press('Check every link');
  expect(await screen.findByText(/^Broken at entry 2: the entry was altered/)).toBeTruthy();
});

test('a record that cannot be fetched is not called broken', async () => {
  await show(passed, { role: 'inspector', answers: { 'GET joints/joint/record.json': { status: 503, message: 'The database is away.' } } });
  await press('Check every link');
  expect(await screen.findByText('The database is away.')).toBeTruthy();
  expect(screen.queryByText(/unbroken|Broken/)).toBeNull();
});

test('whoever made an entry puts it right from what it says now, with the reason; the plan stands', async () => {
  const { writes } = await show();
  expect(screen.queryByLabelText(/^put right: .*plan/)).toBeNull();
  fireEvent.press(screen.getByLabelText('put right: entry 1, brazed'));
  await type('depth, mm', '18.4');
  await type('why it is put right', 'measured again');
  await press('Put it right');
  expect(writes[0]?.body).toMatchObject({ kind: 'corrected', values: { depthMm: 18.4 }, corrects: { entry: 'e1', why: 'measured again' } });
});

describe('the lead’s word', () => {
  const asLead = {
    role: 'lead',
    answers: {
      'GET session': personAs('lead', { person: { id: 'p2', name: 'Maren Ito-Dahl', role: 'lead' } }),
      'PUT joints/joint/entries/*': {},
    },
  } as const;

  test('a passed joint is accepted', async () => {
    const { writes } = await show(passed, asLead);
    await press('Accept');
    expect(writes[0]?.body).toMatchObject({ kind: 'accepted' });
  });

  test('it is sent back only with what was seen', async () => {
    const { writes } = await show(passed, asLead);
    await press('Send back');
    expect(writes).toHaveLength(0);
    await type('what you saw', 'fillet open at the back');
    await press('Send back');
    expect(writes[0]?.body).toMatchObject({ kind: 'sent-back', values: { why: 'fillet open at the back' } });
  });

  test('nobody judges a joint they brazed, and a technician none at all', async () => {
    await show(passed, { role: 'lead' });
    expect(screen.queryByText('Accept')).toBeNull();
    await show(passed, { role: 'technician' });
    expect(screen.queryByText('Accept')).toBeNull();
  });
});

test.each([
  ['brazed', 'Look at it', '/joints/joint/look'],
  ['rework', 'Rework it', '/joints/joint/run'],
] as const)('a joint that is %s goes on with “%s”', async (state, label, href) => {
  await show({ ...passed, state } as never);
  await press(label);
  expect(went()).toEqual([href]);
});

test('one joint, one place: planned before it is made, its passport after; an inspector only reads', async () => {
  const before = jointView(draft);
  await showScreen(<JointScreen joint={before} />);
  expect(screen.getByText('Braze it')).toBeTruthy();
  expect(screen.getByText('before the torch')).toBeTruthy();
  await showScreen(<JointScreen joint={before} />, { role: 'inspector' });
  expect(screen.getByText('No record yet')).toBeTruthy();
  await showScreen(<JointScreen joint={passed} />);
  expect(screen.getByText('corrects 1')).toBeTruthy();
});

test('a plan of another engine version says that the stored plan stands', async () => {
  await show({ ...passed, plan: passed.plan && { ...passed.plan, engineVersion: '0.9.0', reason: 'nothing else on the van' } });
  expect(screen.getByText(/another version of the engine \(0\.9\.0\)/)).toBeTruthy();
  expect(screen.getByText('Planned against advice: nothing else on the van')).toBeTruthy();
});

test('a second flame is said to be out of turn, and a lead strikes it out with the reason; what counts as made is the first', async () => {
  const values = { filler: 'BAg-36', seconds: 21, purgeLpm: 2.5, floodSeconds: 60, depthMm: 19, protection: '', note: '' };
  const flame = (rodMm: number) => ({ kind: 'brazed' as const, values: { ...values, rodMm }, corrects: null });
  const twice = jointView(draftOf({ female: BRASS_STUB }), [flame(22), flame(61)]);
  const { writes } = await showScreen(<PassportScreen joint={{ ...twice, state: 'brazed' }} />, {
    role: 'lead',
    answers: { 'PUT joints/joint/entries/*': {} },
  });
  expect(screen.getByText('out of turn: a lead says which counts')).toBeTruthy();
  expect(screen.getByText('22 mm')).toBeTruthy();
  await type('why it does not count', 'the joint beside it');
  await press('Strike it out');
  expect(writes[0]?.body).toMatchObject({
    ...{ kind: 'struck-out', values: {}, corrects: { entry: 'e2', why: 'the joint beside it' } },
    seen: [{ of: 'joint', sequence: 2 }, { of: 'job' }],
  });
});

describe('a joint that passes leads on', () => {
  const jobOf = (...states: readonly ('passed' | 'planned')[]) => ({
    'GET jobs/job': jobView({ order: states.map((state, i) => summary(`CR2-0${7 + i}`, state)) }),
  });

  test('to the next joint of its job', async () => {
    await show(passed, { answers: jobOf('passed', 'planned') });
    await press('Go on at CR2-08');
    expect(went()).toEqual(['/joints/CR2-08/run']);
  });

  test('to the hold once all are made', async () => {
    await show(passed, { answers: jobOf('passed', 'passed') });
    await press('Joints made: prove it holds');
    expect(went()).toEqual(['/jobs/job/hold']);
  });

  test('never an inspector', async () => {
    await show(passed, { role: 'inspector', answers: jobOf('passed', 'planned') });
    expect(screen.queryByText('Go on at CR2-08')).toBeNull();
  });
});
