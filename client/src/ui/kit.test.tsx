import { fireEvent, screen } from '@testing-library/react-native';
import { summary } from '@/testing/jobs';
import { press, showScreen } from '@/testing/screen';
import { Choice, FrameKey, KeepKey, LabelledChoice, Pill } from './Buttons';
import { CheckRow } from './CheckRow';
import { ChoiceCard } from './ChoiceCard';
import { FlagLine, letterOf } from './Flag';
import { JointOrder, jointNumber } from './JointOrder';
import { ListRow } from './ListRow';
import { Reading } from './Reading';
import { Sheet } from './Sheet';
import { StageCoil, StageRow } from './StagePath';
import { Empty, Failed, Loading } from './states';
import { Words } from './Words';

describe('keys', () => {
  test('a key that is shut does nothing, and says so to whoever cannot see it', async () => {
    const onPress = jest.fn();
    await showScreen(<Pill label="Keep it" disabled onPress={onPress} />);
    await press('Keep it');
    expect(onPress).not.toHaveBeenCalled();
    expect(screen.getByText('Keep it')).toBeDisabled();
  });

  test('a key whose mark alone says little has a name in words', async () => {
    const onPress = jest.fn();
    await showScreen(<FrameKey label="Plan it" says="plan drier, inlet" onPress={onPress} />);
    fireEvent.press(screen.getByLabelText('plan drier, inlet'));
    expect(onPress).toHaveBeenCalledTimes(1);
  });

  test('what keeps a form is shut while it keeps: nothing is kept twice', async () => {
    const onPress = jest.fn();
    await showScreen(<KeepKey label="Keep the loss" busy onPress={onPress} />);
    await press('Keeping');
    expect(onPress).not.toHaveBeenCalled();
    expect(screen.queryByText('Keep the loss')).toBeNull();
  });
});

describe('choices', () => {
  const OPTIONS = [{ value: 'a', label: 'soap' }, { value: 'b', label: 'sniffer' }, { value: 'c', label: 'eye', disabled: true }] as const; // prettier-ignore

  test('one of a few: what is chosen is checked, what may not be chosen stays', async () => {
    const onChange = jest.fn();
    await showScreen(<Choice label="looked with" value="a" options={OPTIONS} onChange={onChange} />);
    expect(screen.getByRole('radio', { name: 'soap', checked: true })).toBeTruthy();
    await press('sniffer');
    await press('eye');
    expect(onChange.mock.calls).toEqual([['b']]);
  });

  test('a choice is named by what it is about', async () => {
    await showScreen(<LabelledChoice label="looked with" value={null} options={OPTIONS} onChange={() => undefined} />);
    expect(screen.getByLabelText('looked with')).toBeTruthy();
    expect(screen.queryByRole('radio', { checked: true })).toBeNull();
  });

  test('a box turns over; a card of several is a box, one of one a radio', async () => {
    const turned = jest.fn();
    await showScreen(<CheckRow label="doors shut" checked onChange={turned} />);
    fireEvent.press(screen.getByRole('checkbox', { name: 'doors shut' }));
    expect(turned).toHaveBeenCalledWith(false);
    await showScreen(
      <ChoiceCard many says="oil" chosen onPress={turned}>
        <Words>oil</Words>
      </ChoiceCard>,
    );
    expect(screen.getByRole('checkbox', { name: 'oil', checked: true })).toBeTruthy();
  });
});

describe('states', () => {
  test('what is fetched is named, what is empty says what to do, what failed can be tried again', async () => {
    const again = jest.fn();
    await showScreen(
      <>
        <Loading what="the job" />
        <Empty title="No joint yet" text="Add the joints this job needs." />
        <Failed message="The database is away." onRetry={again} />
      </>,
    );
    expect(screen.getByText('Fetching the job')).toBeTruthy();
    expect(screen.getByText('Add the joints this job needs.')).toBeTruthy();
    await press('Try again');
    expect(again).toHaveBeenCalled();
  });

  test('a caution says its letter and its text; the letters follow one another', async () => {
    await showScreen(<FlagLine stop letter="!" text="Never oxygen." />);
    expect(screen.getByText(/Never oxygen\./)).toBeTruthy();
    expect([0, 1, 2].map(letterOf)).toEqual(['a', 'b', 'c']);
  });

  test('a row that opens nothing is no button', async () => {
    await showScreen(
      <ListRow onPress={null}>
        <Words>K-3</Words>
      </ListRow>,
    );
    expect(screen.getByText('K-3')).toBeTruthy();
    expect(screen.queryByRole('button')).toBeNull();
  });

  test('a figure stands with its unit and what it is', async () => {
    await showScreen(<Reading label="wanted" value="5.61" unit="kg" size={48} note="by its plate" testID="wanted" />);
    expect(screen.getByTestId('wanted')).toHaveTextContent(/5\.61/);
    expect(screen.getByText('kg')).toBeTruthy();
    expect(screen.getByText('by its plate')).toBeTruthy();
  });
});

describe('where a job stands', () => {
  test('the coil opens each of the eleven stages by name', async () => {
    const opened: string[] = [];
    await showScreen(<StageCoil stage="hold" began="find" onOpen={(stage) => opened.push(stage)} />);
    expect(screen.getAllByRole('link')).toHaveLength(11);
    fireEvent.press(screen.getByLabelText('open hand over'));
    expect(opened).toEqual(['hand-over']);
    expect(screen.getByLabelText('the job stands at hold')).toBeTruthy();
  });

  test('the row says the same in words', async () => {
    await showScreen(<StageRow stage="make-safe" began="find" />);
    expect(screen.getByLabelText('stage 3 of 11, make safe')).toBeTruthy();
  });

  test('joints stand in their order, each with how it stands, and open', async () => {
    const opened: string[] = [];
    const joints = [summary('CR2-09', 'passed'), summary('CR2-07', 'planned')];
    await showScreen(<JointOrder joints={joints} here="CR2-07" onOpen={({ tag }) => opened.push(tag)} />);
    expect(screen.getAllByRole('link').map((link) => String(link.props['aria-label'] ?? link.props['accessibilityLabel']))).toEqual([
      'joint CR2-09, passed',
      'joint CR2-07, planned',
    ]);
    fireEvent.press(screen.getByLabelText('joint CR2-09, passed'));
    expect(opened).toEqual(['CR2-09']);
  });

  test.each([['CR2-09', '09'], ['HS3-14b', '14b'], ['new', 'new']] as const)('the number of %s is %s', (tag, is) => expect(jointNumber(tag)).toBe(is)); // prettier-ignore
});

describe('a sheet', () => {
  const act = jest.fn();
  const sheet = (overOpen: boolean) => (
    <Sheet
      tag="CR2"
      title="Where does it leak"
      up={{ label: 'job 31', href: '/jobs/job' }}
      cells={{ here: 'job' }}
      action={{ label: 'Found: decide', onPress: act }}
      round={{ label: 'more', onPress: () => undefined }}
      why="Still open: nothing was looked at."
      over={<Words>a form</Words>}
      overOpen={overOpen}
    >
      <Words>the drawing</Words>
    </Sheet>
  );

  test('has its way up, its one action, and why it is still open', async () => {
    await showScreen(sheet(false));
    expect(screen.getByLabelText('up to job 31')).toBeTruthy();
    expect(screen.getByText('Still open: nothing was looked at.')).toBeTruthy();
    await press('Found: decide');
    expect(act).toHaveBeenCalledTimes(1);
    expect(screen.queryByText('a form')).toBeNull();
  });

  test('what lies over it is there while it is open, on phone and wide', async () => {
    await showScreen(sheet(true));
    expect(screen.getByText('a form')).toBeTruthy();
    await showScreen(sheet(true), { size: 'wide' });
    expect(screen.getByText('a form')).toBeTruthy();
    expect(screen.getByText('the drawing')).toBeTruthy();
  });
});
