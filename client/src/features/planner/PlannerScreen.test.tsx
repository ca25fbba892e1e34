import { fireEvent, screen, within } from '@testing-library/react-native';
import { jointView, BRASS_STUB, draftOf } from '@/testing/joints';
import { DRAWN_SPLIT, jobWithStages, stageAnswers } from '@/testing/stages';
import { press, settle, showScreen, type, went } from '@/testing/screen';
import type { JointView } from '@kesto/contract';
import { PlannerScreen } from './PlannerScreen';

const planned = jointView(draftOf({ female: BRASS_STUB }));
const fresh: JointView = { ...planned, plan: null, state: 'not-planned' };
const KEPT = { 'PUT joints/joint/plans/*': { engineDiffers: false } };
const NEW_COUPLING = 'start from tube in a coupling';

const start = async (label: string) => {
  fireEvent.press(screen.getByLabelText(label));
  await settle();
};

describe.each(['phone', 'wide'] as const)('on a %s screen', (size) => {
  test('a starting point gives a whole plan at once, and it is put into the job as the engine worked it out', async () => {
    const { writes } = await showScreen(<PlannerScreen joint={fresh} />, { size, answers: KEPT });
    await start(NEW_COUPLING);
    expect(screen.getByText('Good to braze, no flux')).toBeTruthy();
    expect(screen.getByTestId('reading-rod')).toBeTruthy();
    await press('Put in the job');
    expect(writes).toHaveLength(1);
    expect(writes[0]?.path).toMatch(/^joints\/joint\/plans\/[0-9a-f-]{36}$/);
    expect(writes[0]?.body).toMatchObject({
      request: { joint: { male: { od: { value: 0.875, unit: 'in' } } }, service: { refrigerant: 'R-449A' } },
    });
    expect(went()).toEqual(['/jobs/job']);
  });

  test('a stored plan opens as a plan, and the next step is to braze', async () => {
    await showScreen(<PlannerScreen joint={planned} />, { size });
    expect(screen.getByText(/Good to braze/)).toBeTruthy();
    await press('Braze it');
    expect(went()).toEqual(['/joints/joint/run']);
  });

  test('the working of a number opens and says where it comes from', async () => {
    await showScreen(<PlannerScreen joint={planned} />, { size });
    fireEvent.press(screen.getByLabelText(/^gap each side, cold .*show the working/));
    await settle();
    expect(screen.getAllByText(/what would change it/i).length).toBe(1);
    expect(screen.getAllByText(/bore/).length).toBeGreaterThan(0);
  });
});

describe('a drawing that was changed since the plan was kept', () => {
  const placed: JointView = { ...planned, at: { part: 'gas-valve', from: 'evaporator', to: 'gas-valve' } };
  const drawnAt = (at: string) => ({
    ...stageAnswers(jobWithStages([])),
    'GET circuits/circuit/drawing': { drawing: { circuit: DRAWN_SPLIT, by: 'Ilta Varro', at } },
  });

  test('is offered for it, and the plan stands until somebody takes it', async () => {
    await showScreen(<PlannerScreen joint={placed} />, { size: 'wide', answers: drawnAt('2026-11-25T08:00:00.000Z') });
    expect(screen.getByText('the tube: 7/8 in in the plan, 5/8 in on the drawing')).toBeTruthy();
    expect(screen.getByText('Braze it')).toBeTruthy();
    await press('Take it from the drawing');
    expect(screen.queryByTestId('drawn-anew')).toBeNull();
    expect(screen.queryByText('Braze it')).toBeNull();
  });

  test('an older drawing says nothing: what the person chose stands', async () => {
    await showScreen(<PlannerScreen joint={placed} />, { size: 'wide', answers: drawnAt('2026-05-25T08:00:00.000Z') });
    expect(screen.queryByTestId('drawn-anew')).toBeNull();
  });
});

test('when the server refuses, the complaint stands on the plan and the draft is not lost', async () => {
  await showScreen(<PlannerScreen joint={fresh} />, {
    answers: { 'PUT joints/joint/plans/*': { status: 409, message: 'Brazing has begun: the plan is frozen.' } },
  });
  await start(NEW_COUPLING);
  await press('Put in the job');
  expect(screen.getByText('Brazing has begun: the plan is frozen.')).toBeTruthy();
  expect(screen.getByText('Put in the job')).toBeTruthy();
  expect(went()).toEqual([]);
});

test('what cannot be read is named at its field, and no plan is claimed', async () => {
  await showScreen(<PlannerScreen joint={fresh} />, { size: 'wide' });
  await start(NEW_COUPLING);
  await press('what goes in');
  await type('outside diameter', 'thick');
  expect(screen.getAllByText(/cannot be read; write it like 7\/8/).length).toBeGreaterThan(0);
  expect(screen.queryByText('Good to braze, no flux')).toBeNull();
  await type('outside diameter', '7/8');
  expect(screen.getByText('Good to braze, no flux')).toBeTruthy();
});

test('a change can be undone and done again', async () => {
  await showScreen(<PlannerScreen joint={fresh} />, { size: 'wide' });
  await start(NEW_COUPLING);
  await press('what takes it');
  fireEvent.press(screen.getByLabelText('plated stub'));
  await settle();
  expect(screen.getByText(/, with flux$/)).toBeTruthy();
  await press('undo');
  expect(screen.getByText('Good to braze, no flux')).toBeTruthy();
  await press('redo');
  expect(screen.getByText(/, with flux$/)).toBeTruthy();
});

test('a part put down beside the joint warns at the top, and stops warning when it is protected', async () => {
  await showScreen(<PlannerScreen joint={planned} />, { size: 'wide' });
  await press('around it');
  fireEvent.press(screen.getByTestId('place-expansion-valve'));
  await settle();
  expect(screen.getByText(/to settle first/)).toBeTruthy();
  expect(screen.getByText(/Expansion valve at 60/)).toBeTruthy();
  expect(screen.getAllByText(/full rule: sheet of the part’s maker/).length).toBeGreaterThan(0);
  fireEvent.press(within(screen.getByLabelText('protection of part 1')).getByText('taken off'));
  await settle();
  expect(screen.queryByText(/to settle first/)).toBeNull();
});

test('a filler to be avoided is taken only with a reason', async () => {
  const onVibration = jointView(draftOf({ rest: { vibration: true, side: 'discharge' } }));
  const { writes } = await showScreen(<PlannerScreen joint={onVibration} />, { size: 'wide', answers: KEPT });
  fireEvent.press(screen.getByText('BCuP-2'));
  await settle();
  await press('Put in the job');
  expect(writes).toHaveLength(0);
  expect(screen.getByText('Write why: this filler is to be avoided here.')).toBeTruthy();
  fireEvent.changeText(screen.getByTestId('reason'), 'nothing else on the van');
  await press('Put in the job');
  expect(writes[0]?.body).toMatchObject({ chosen: 'BCuP-2', reason: 'nothing else on the van' });
});

test('the plan says where the flame goes and what the eye sees', async () => {
  await showScreen(<PlannerScreen joint={planned} />);
  expect(screen.getByText('Where the flame goes')).toBeTruthy();
  expect(screen.getByText(/^First on the tube, just behind the cup/)).toBeTruthy();
  expect(screen.getByText(/flux clear as water; the rod melts on the metal/)).toBeTruthy();
  expect(screen.getByText(/white smoke, a skin like orange peel/)).toBeTruthy();
});

test('schools of the job speak in the plan, and whose they are is said', async () => {
  const schools = {
    id: 's',
    by: 'Maren Ito-Dahl',
    at: '2026-11-24T08:00:00Z',
    schools: { houseRod: 'silver-15' as const },
    reason: 'owner',
  };
  await showScreen(<PlannerScreen joint={{ ...planned, job: { ...planned.job, schools } }} />);
  expect(screen.getByText(/Which rod on copper: 15 % silver/)).toBeTruthy();
  expect(screen.getByText('(this job)')).toBeTruthy();
});

test('when the van cannot be fetched the planner says so, and what to do', async () => {
  await showScreen(<PlannerScreen joint={planned} />, { answers: { 'GET van': { status: 500, message: 'The database is away.' } } });
  expect(screen.getByText('The database is away.')).toBeTruthy();
  expect(screen.getByText('Try again')).toBeTruthy();
});

describe('a plan that another engine made', () => {
  const stored = planned.plan!;
  const older: JointView = {
    ...planned,
    plan: {
      ...stored,
      engineVersion: '0.9.0',
      plan: { ...stored.plan, rod: { ...stored.plan.rod!, lengthM: 0.111 }, heat: { ...stored.plan.heat!, seconds: 99 } },
    },
  };

  test('stands as it was kept; today’s answer is offered beside it, figure by figure', async () => {
    const { writes } = await showScreen(<PlannerScreen joint={older} />, { size: 'wide' });
    expect(screen.getByTestId('reading-rod')).toHaveTextContent(/111/);
    const offered = within(screen.getByTestId('plan-anew'));
    expect(offered.getByText('111 mm')).toBeTruthy();
    expect(offered.getByText('1:39 min')).toBeTruthy();
    expect(offered.queryByText('depth in the cup')).toBeNull();
    expect(writes).toHaveLength(0);
  });

  test('is planned anew only when somebody says so, and kept only when they put it in the job', async () => {
    const { writes } = await showScreen(<PlannerScreen joint={older} />, { size: 'wide', answers: KEPT });
    await press('Plan it anew');
    expect(screen.queryByTestId('plan-anew')).toBeNull();
    expect(screen.getByTestId('reading-rod')).not.toHaveTextContent(/111/);
    expect(writes).toHaveLength(0);
    await press('Put in the job');
    expect(writes).toHaveLength(1);
  });

  test('of this very engine nothing is offered', async () => {
    await showScreen(<PlannerScreen joint={planned} />, { size: 'wide' });
    expect(screen.queryByTestId('plan-anew')).toBeNull();
  });
});
