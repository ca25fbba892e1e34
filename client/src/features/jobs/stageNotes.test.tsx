import { screen } from '@testing-library/react-native';
import { CIRCUIT, SITE } from '@/testing/joints';
import { jobView } from '@/testing/jobs';
import { press, showScreen, type } from '@/testing/screen';
import { CircuitOfJob } from './CircuitOfJob';
import { StageNoteOver } from './StageNoteOver';

const job = jobView({ order: [] });

describe('a stage without a sheet of its own', () => {
  test('takes a note, and shows those that are there', async () => {
    const noted = jobView({ stageNotes: [{ id: 'n', of: 'braze', text: 'two heats', by: 'Ilta Varro', at: '2026-11-24T10:00:00.000Z' }] });
    const { writes } = await showScreen(<StageNoteOver job={noted} stage="braze" onClose={() => undefined} />, {
      answers: { 'PUT jobs/job/entries/*': noted },
    });
    expect(screen.getByText('two heats')).toBeTruthy();
    await type('what was done, and what it showed', 'third heat, under a wet cloth');
    await press('Keep this note');
    expect(writes[0]?.body).toEqual({ kind: 'stage-note', values: { of: 'braze', text: 'third heat, under a wet cloth' } });
  });

  test('an inspector reads them and writes none', async () => {
    await showScreen(<StageNoteOver job={job} stage="braze" onClose={() => undefined} />, { role: 'inspector' });
    expect(screen.queryByText('Keep this note')).toBeNull();
  });
});

describe('which circuit of the machine a job is on', () => {
  const unit = (circuits: readonly object[]) => ({
    id: 'u',
    tag: 'DR1',
    name: 'chiller',
    kind: 'chiller',
    sisters: [],
    site: SITE,
    circuits,
  });
  const TWO = [CIRCUIT, { ...CIRCUIT, id: 'second', name: 'circuit 2' }];
  const show = (of = job, circuits: readonly object[] = TWO) =>
    showScreen(<CircuitOfJob job={of} />, { answers: { 'GET units/u': unit(circuits), 'PUT jobs/job/entries/*': of } });

  test('is asked only of a machine with two, and only before a joint is on it', async () => {
    await show(job, [CIRCUIT]);
    expect(screen.queryByText('on which circuit')).toBeNull();
    await show(jobView());
    expect(screen.queryByText('on which circuit')).toBeNull();
  });

  test('another one is kept as its own entry', async () => {
    const { writes } = await show();
    await press('circuit 2, R-449A');
    expect(writes[0]?.body).toEqual({ kind: 'circuit-changed', values: { to: 'second' } });
  });
});
