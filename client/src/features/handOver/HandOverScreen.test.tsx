import { fireEvent, screen } from '@testing-library/react-native';
import { HAND_OVER_POINTS } from '@kesto/core';
import { isOnItsWay } from '@/testing/onItsWay';
import { press, settle, showScreen, type } from '@/testing/screen';
import { jobWithStages, stageAnswers } from '@/testing/stages';
import { HandOverScreen } from './HandOverScreen';

jest.mock('signature_pad', () => ({ __esModule: true, default: class { addEventListener() {} removeEventListener() {} off() {} } })); // prettier-ignore

const JOINT = { title: 'drier in', state: 'passed', at: { part: 'drier', from: 'liquid-valve', to: 'drier' } } as const;
const handed = (point: string, answer = 'done') => ['hand-over', 'handed-point', { point, answer }] as const;
const ALL = HAND_OVER_POINTS.map((point) => handed(point));
const SIGNED = ['hand-over', 'signed-off', { name: 'M. Lind', role: 'for the station', heads: [] }] as const;
const CHARGED = ['charge', 'charged', { targetKg: 3.38, doneKg: 3.38, isCharged: true }] as const;

const show = (entries: readonly (readonly [string, string, object])[]) =>
  showScreen(<HandOverScreen id="job" />, { answers: stageAnswers(jobWithStages(entries as never, { stage: 'hand-over' })) }); // cast: kinds of this very stage

test('each point is answered where it stands; what this job locked off is never “none here”', async () => {
  const { writes } = await show([['make-safe', 'locked-off', { keyHolder: 'Ilta Varro' }]]);
  expect(screen.getByText('13 of 13 still open')).toBeTruthy();
  expect(screen.queryByLabelText('locks off: none here')).toBeNull();
  expect(screen.queryByLabelText('panels: none here')).toBeNull();
  fireEvent.press(screen.getByLabelText('relief valve, fusible plug: none here'));
  await settle();
  expect(writes[0]?.body).toMatchObject({ kind: 'handed-point', values: { point: 'relief-back', answer: 'none-here' } });
});

test('what can hurt nobody is answered together, each point an entry of its own; locks and relief are not', async () => {
  const left = ['label', 'panels'];
  const alone = ['locks-off', 'relief-back'];
  const job = jobWithStages(ALL.filter(([, , { point }]) => ![...left, ...alone].includes(point)) as never, { stage: 'hand-over' }); // cast: kinds of this very stage
  const { writes } = await showScreen(<HandOverScreen id="job" />, { answers: { ...stageAnswers(job), 'PUT jobs/job/stages/*': {} } });
  await press('All 2 that can hurt nobody: done');
  await settle();
  const points = writes.map(({ body }) => (body as { values?: { point?: string } }).values?.point);
  expect(new Set(points)).toEqual(new Set(left));
});

test('what went in by weight is on the list of what was used before anybody types', async () => {
  const { writes } = await show([CHARGED]);
  await press('Add what was used');
  await press('Keep what was used');
  expect(writes[0]?.body).toMatchObject({ kind: 'materials', values: { used: [{ amount: 3.38, unit: 'kg' }] } });
});

test('whoever signs is told what is still open, and the chains as they are known here go with it', async () => {
  const { writes } = await show(ALL.filter(([, , { point }]) => point !== 'label'));
  await press('Sign');
  expect(screen.getByText('Still open: label.')).toBeTruthy();
  expect(screen.getByText(/^Never ended, nor skipped with a reason: .*charge/)).toBeTruthy();
  await type('name', 'M. Lind');
  await type('signs as', 'for the station');
  fireEvent.press(screen.getAllByText('Sign').at(-1) as never);
  await settle();
  expect(writes[0]?.body).toMatchObject({
    kind: 'signed-off',
    values: { name: 'M. Lind', heads: [expect.objectContaining({ of: 'job', sequence: ALL.length - 1 })] },
  });
});

test('signed, all answered: the job is closed; what is noted later stands after the signature', async () => {
  const { writes } = await show([...ALL, SIGNED, ['hand-over', 'next-person-note', { note: 'the clamp rubs' }]]);
  expect(screen.getByText(/^signed by M. Lind/)).toBeTruthy();
  expect(screen.getByText('Noted after the signature')).toBeTruthy();
  await press('Close the job');
  expect(writes[0]?.body).toMatchObject({ stage: 'hand-over', kind: 'done' });
});

describe('a refrigerant that burns', () => {
  const R32 = { ...jobWithStages([]).circuit, refrigerant: 'R-32', highSideDesignGaugePa: 4_100_000 };
  const JOINTS = ['HS3-04', 'HS3-05'].map((tag, i) => ({ ...JOINT, id: `j${i + 1}`, tag }));
  const SOAPED = ['hold', 'place-soaped', { hold: 'h', joint: 'j1', tag: 'HS3-04', atKpag: 4000, result: 'nothing' }] as const;
  const showBurning = (entries: readonly (readonly [string, string, object])[]) =>
    showScreen(<HandOverScreen id="job" />, {
      answers: stageAnswers(jobWithStages(entries as never, { stage: 'hand-over', circuit: R32, order: JOINTS })), // cast: kinds of this very stage
    });

  test('each joint is proved by itself: what soap showed stands, the other is asked; never “none here”', async () => {
    const { writes } = await showBurning([SOAPED]);
    expect(screen.queryByLabelText('each joint proven: none here')).toBeNull();
    fireEvent.press(screen.getByLabelText('each joint proven: done'));
    await settle();
    expect(screen.getByText('soap showed nothing there on this job’s hold')).toBeTruthy();
    await press('All of them proved');
    expect(writes).toEqual([]);
    fireEvent.press(screen.getAllByRole('radio', { name: 'hydrogen sniffer' }).at(-1) as never); // cast: getAll throws when there is none
    await type('instrument', 'H-2');
    await press('All of them proved');
    expect(writes[0]?.body).toMatchObject({
      values: {
        ...{ point: 'joint-tightness', answer: 'done' },
        proofs: [
          { joint: 'j1', method: 'soap-on-nitrogen', instrument: 'H-2' },
          { joint: 'j2', method: 'hydrogen-sniffer', instrument: 'H-2' },
        ],
      },
    });
  });
});

test('an owner who said no: the list claims nothing that was not done, and it is signed', async () => {
  const no = ['decide', 'bend-began', { bend: 'owner-no' }] as const;
  const told = ['left-told', 'valves-capped', 'none-added'].map(
    (point) => ['hand-over', 'bend-point', { bend: 'owner-no', point, answer: 'done' }] as const,
  );
  await show([no]);
  expect(screen.getByText(/^Nothing was mended: the owner said no/)).toBeTruthy();
  expect(screen.queryByText('caps on and sniffed')).toBeNull();
  expect(screen.getByText('Answer what bends it')).toBeTruthy();
  await show([no, ...told]);
  expect(screen.getByText('Sign')).toBeTruthy();
});

test('what this very job never touched is answered in one tap; what it did lock stays to be answered', async () => {
  const open = ['put-back', 'locks-off', 'back-in-service', 'joint-tightness'];
  const job = jobWithStages(
    [['make-safe', 'locked-off', { keyHolder: 'Ilta Varro' }], ...ALL.filter(([, , { point }]) => !open.includes(point))] as never, // cast: kinds of these very stages
    { stage: 'hand-over' },
  );
  const { writes } = await showScreen(<HandOverScreen id="job" />, { answers: { ...stageAnswers(job), 'PUT jobs/job/stages/*': {} } });
  await press('The 3 this job never touched: none here');
  await settle();
  const said = writes.map(({ body }) => (body as { values: { point: string; answer: string } }).values);
  expect(said).toHaveLength(3);
  expect(said).not.toContainEqual(expect.objectContaining({ point: 'locks-off' }));
  expect(said.every(({ answer }) => answer === 'none-here')).toBe(true);
});

test('a report that would miss what is still on its way is not kept, and says so', async () => {
  const { writes, store } = await show([]);
  await isOnItsWay(store, 'job.job');
  expect(screen.getByText(/^What was noted here is not in it yet/)).toBeTruthy();
  await press('Keep this report');
  expect(writes).toEqual([]);
});

test('with nothing else open whoever signs closes the job by the same key, or leaves it open', async () => {
  const answers = { ...stageAnswers(jobWithStages(ALL as never, { stage: 'hand-over', order: [{ id: '1', tag: 'CR2-07', ...JOINT }] })), 'PUT jobs/job/stages/*': {} }; // prettier-ignore
  const { writes } = await showScreen(<HandOverScreen id="job" />, { answers });
  await press('Sign');
  expect(screen.getByText('Sign, leave it open')).toBeTruthy();
  await type('name', 'M. Lind');
  await type('signs as', 'for the station');
  await press('Sign, and close the job');
  await settle();
  expect(writes.map(({ body }) => (body as { kind: string }).kind)).toEqual(['signed-off', 'done']);
});
