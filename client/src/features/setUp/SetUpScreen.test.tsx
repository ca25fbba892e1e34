import { fireEvent, screen } from '@testing-library/react-native';
import type { JointSummary } from '@kesto/contract';
import { draftOf, jointView } from '@/testing/joints';
import { settle, showScreen, went } from '@/testing/screen';
import { jobWithStages, stageAnswers } from '@/testing/stages';
import { SetUpScreen } from './SetUpScreen';

const WALL = { part: 'gas-valve', from: 'evaporator', to: 'gas-valve' };
const JOINT: JointSummary = { id: '1', tag: 'CR2-07', title: 'suction line', state: 'planned', at: WALL };
const FLARED = ['decide', 'joining', { place: 'evaporator', method: 'flare', why: 'no flame there' }] as const;

const show = (noted: Parameters<typeof jobWithStages>[0] = [], rest: Parameters<typeof jobWithStages>[1] = {}) =>
  showScreen(<SetUpScreen id="job" />, {
    answers: {
      ...stageAnswers(jobWithStages(noted, { order: [JOINT], ...rest })),
      'GET joints/1': { ...jointView(draftOf({})), ...JOINT },
    },
  });

test('cores and caps come out before the flame; what is out can be put back, what there is none of is done', async () => {
  const { writes } = await show();
  fireEvent.press(await screen.findByLabelText('valve core, gas port: it is out'));
  await settle();
  expect(writes[0]?.body).toEqual({ kind: 'taken-out', values: { what: 'core', place: 'gas-port', answer: 'done' } });
  fireEvent.press(screen.getByLabelText('valve core, liquid port: none here'));
  await settle();
  expect(writes[1]?.body).toEqual({ kind: 'taken-out', values: { what: 'core', place: 'liquid-port', answer: 'none-here' } });
});

test('where all of it is out one tap says so, each an entry of its own', async () => {
  const job = jobWithStages([], { order: [JOINT] });
  const { writes } = await showScreen(<SetUpScreen id="job" />, {
    answers: { ...stageAnswers(job), 'PUT jobs/job/entries/*': job, 'GET joints/1': { ...jointView(draftOf({})), ...JOINT } },
  });
  fireEvent.press(await screen.findByText('All 3 are out'));
  await settle();
  const said = writes.map(({ body }) => (body as { values: object }).values);
  expect(said).toEqual(expect.arrayContaining([{ what: 'core', place: 'gas-port', answer: 'done' }, { what: 'core', place: 'liquid-port', answer: 'done' }])); // prettier-ignore
});
test('what was taken out stays to be put back', async () => {
  const said = { id: 'n1', by: 'Ilta Varro', at: '2026-11-24T10:00:00.000Z' };
  const { writes } = await show([], { takenOut: [{ kind: 'taken-out', what: 'core', place: 'gas-port', answer: 'done', ...said }] });
  fireEvent.press(await screen.findByLabelText('valve core, gas port: it is back in'));
  await settle();
  expect(writes[0]?.body).toEqual({ kind: 'put-back', values: { what: 'core', place: 'gas-port' } });
});

test('what has to be on the tube stands by joint: insulation of a cold line, the sleeve of a wall, the nut of a flare', async () => {
  await show([FLARED]);
  expect(await screen.findByText(/insulation, pushed well back; sleeve of the wall; nut of the flare/)).toBeTruthy();
  fireEvent.press(screen.getByText('To joint CR2-07'));
  expect(went()).toContain('/joints/1/run');
});

test('a part that is not laid out is asked for before the pipe is closed', async () => {
  await show([['decide', 'also-opened', { what: 'drier', place: 'drier', choice: 'yes' }]]);
  expect(await screen.findByText(/^Is it here\? Not laid out yet: drier\./)).toBeTruthy();
});
