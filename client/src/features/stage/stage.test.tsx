import { screen } from '@testing-library/react-native';
import { press, showScreen, type, went } from '@/testing/screen';
import { jobWithStages, stageAnswers } from '@/testing/stages';
import { Words } from '@/ui/Words';
import { NoteForm, Undrawn, WithCircuit } from '.';

const job = jobWithStages([]);
const seen = (answers: Readonly<Record<string, unknown>>) =>
  showScreen(<WithCircuit id="job">{(of, graph) => (graph ? <Words>{`${graph.parts.length} parts`}</Words> : <Undrawn job={of} />)}</WithCircuit>, { answers }); // prettier-ignore

describe('a screen of a job on its circuit', () => {
  test('has the drawing; where there is none it leads to one', async () => {
    await seen(stageAnswers(job));
    expect(screen.getByText(/^\d+ parts$/)).toBeTruthy();
    await seen({ ...stageAnswers(job), 'GET circuits/circuit/drawing': { drawing: null } });
    expect(screen.getByText('No drawing of this circuit yet')).toBeTruthy();
    await press('Draw its circuit');
    expect(went()).toEqual(['/units/u/circuits/circuit']);
  });

  test('a job that is not here says why, with the way up', async () => {
    await seen({ 'GET jobs/job': { status: 404, message: 'This job is not here.' } });
    expect(screen.getByText('This job is not here.')).toBeTruthy();
    expect(screen.getByText('Up to today')).toBeTruthy();
  });
});

describe('a few words that are kept', () => {
  const show = (rest: object = {}) => {
    const kept: object[] = [];
    const onKeep = async (texts: object) => {
      kept.push(texts);
      return true;
    };
    const form = <NoteForm keptAs="x" title="The yes" fields={{ by: 'who said yes', for: 'to what' }} label="Keep the yes" busy={false} onKeep={onKeep} {...rest} />; // prettier-ignore
    return showScreen(form).then(() => kept);
  };

  test('are kept once all that is needed is typed, and the form is empty again', async () => {
    const kept = await show();
    await press('Keep the yes');
    expect(kept).toEqual([]);
    await type('who said yes', 'the station');
    await type('to what', 'the valve');
    await press('Keep the yes');
    expect(kept).toEqual([{ by: 'the station', for: 'the valve' }]);
    expect(screen.getByLabelText('to what').props['value']).toBe('');
  });

  test('what may be left empty is no obstacle', async () => {
    const kept = await show({ optional: ['for'] });
    await type('who said yes', 'the station');
    await press('Keep the yes');
    expect(kept).toHaveLength(1);
  });

  test('the usual words are one tap, not before what else is asked is answered', async () => {
    const one = { fields: { who: 'who is told' }, label: 'They are told', usual: ['everybody here'] };
    await show({ ...one, ready: false });
    expect(screen.queryByText('everybody here')).toBeNull();
    const kept = await show(one);
    await press('everybody here');
    expect(kept).toEqual([{ who: 'everybody here' }]);
  });
});
