import { fireEvent, screen } from '@testing-library/react-native';
import type { JointSummary } from '@kesto/contract';
import { jointView, draftOf } from '@/testing/joints';
import { press, settle, showScreen, went } from '@/testing/screen';
import { jobWithStages, stageAnswers } from '@/testing/stages';
import { KitScreen } from './KitScreen';

const AT = { part: 'drier', from: 'liquid-valve', to: 'drier' };
const summary = (rest: Partial<JointSummary> = {}): JointSummary => ({
  ...{ id: '1', tag: 'CR2-07', title: 'drier inlet', state: 'planned', at: AT },
  ...rest,
});
const DRIER = ['decide', 'also-opened', { what: 'drier', place: 'drier', choice: 'yes' }] as const;

const show = (order: readonly JointSummary[], noted: Parameters<typeof jobWithStages>[0] = []) =>
  showScreen(<KitScreen id="job" />, {
    answers: {
      ...stageAnswers(jobWithStages(noted, { order })),
      ...Object.fromEntries(order.map((joint) => [`GET joints/${joint.id}`, { ...jointView(draftOf({})), ...joint }])),
    },
  });
const box = (name: RegExp) => screen.getByRole('checkbox', { name });

test('what a job needs stands against the van: the part that is changed, rod, gas, cores', async () => {
  await show([summary()], [DRIER]);
  expect(await screen.findByRole('checkbox', { name: /^drier, new, loose/ })).toBeTruthy();
  expect(box(/^nitrogen, \d+ L of/)).toBeTruthy();
  expect(box(/^valve core, 2/)).toBeTruthy();
});

test('what is laid out is ticked, kept by its own name beside what is missing', async () => {
  const { writes } = await show([summary()], [DRIER]);
  fireEvent.press(await screen.findByRole('checkbox', { name: /^drier/ }));
  await settle();
  fireEvent.press(screen.getByText(/^Keep: \d+ not laid out/));
  await settle();
  const body = writes[0]?.body as { kind: string; values: { packed: string[]; missing: string[] } };
  expect(body.kind).toBe('kit-kept');
  expect(body.values.packed).toEqual(['part/drier']);
  expect(body.values.missing).toContain('nitrogen');
});

test('one tap ticks what the van has; a joint without a plan is told: what it needs nobody knows', async () => {
  const { writes } = await show([summary(), summary({ id: '2', tag: 'CR2-08', state: 'not-planned' })]);
  expect(await screen.findByText(/^1 of the joints is not planned yet/)).toBeTruthy();
  await press('Tick what is on the van');
  fireEvent.press(screen.getByText(/^Keep: \d+ not laid out/));
  await settle();
  const { values } = writes[0]?.body as { values: { packed: string[]; missing: string[] } };
  expect(values.packed).toContain('nitrogen');
  expect(values.missing).toContain('spare/core');
});

test('where nothing is ticked yet one tap lays out what the van has, and what comes out of the pipe is next', async () => {
  const noted = jobWithStages([], { order: [summary()], stored: 'plan' });
  const { writes } = await showScreen(<KitScreen id="job" />, {
    answers: {
      ...stageAnswers(noted),
      'PUT jobs/job/entries/*': noted,
      'GET joints/1': { ...jointView(draftOf({})), ...summary() },
    },
  });
  fireEvent.press(await screen.findByText(/^Laid out: \d+ from the van/));
  await settle();
  const { values } = writes[0]?.body as { values: { packed: string[]; missing: string[] } };
  expect(values.packed).toContain('nitrogen');
  expect(values.missing).toContain('spare/core');
  expect(went()).toEqual(['/jobs/job/set-up']);
});
test('a job without a plan says why nothing stands here', async () => {
  await show([]);
  expect(await screen.findByText('Nothing to take along')).toBeTruthy();
});
