import { act, fireEvent, screen, waitFor } from '@testing-library/react-native';
import { dayWith } from '@/testing/jobs';
import { press, settle, showScreen, type, went } from '@/testing/screen';
import { VAN_COMMAND } from '@/testing/commands';
import { keptHere } from '@/outbox/slice';
import { sessionEnded } from '@/state/session';
import { Sheet } from '@/ui/Sheet';
import { Words } from '@/ui/Words';
import { SessionGate } from './SessionGate';

const PAGE = (
  <SessionGate>
    <Sheet tag="CR2-07" title="A joint" cells={{ here: 'joint' }} action={{ label: 'Braze it', onPress: () => undefined }}>
      <Words>the drawing</Words>
    </Sheet>
  </SessionGate>
);
const show = (answers: object = {}) => showScreen(PAGE, { size: 'wide', answers: { 'GET today': dayWith(), ...answers } });

test('the title block says the day, the person with their units, and that all is stored', async () => {
  await show();
  expect(screen.getByText('1 job')).toBeTruthy();
  expect(screen.getByText('mm · °C · kPa')).toBeTruthy();
  expect(screen.getByText('all stored')).toBeTruthy();
});

test('what the server does not have is counted: on its way, kept here, or not taken', async () => {
  const { store } = await show();
  const says = (part: object) => {
    act(() => void store.dispatch(keptHere([{ ...VAN_COMMAND, by: 'p1', ...part }])));
    return screen.getByRole('link', { name: /kept here|being sent/ });
  };
  expect(says({})).toHaveTextContent(/on its way/);
  expect(says({ state: { status: 'later', message: null } })).toHaveTextContent(/not sent yet.*1 kept here/);
  expect(says({ state: { status: 'refused', message: 'no', field: null } })).toHaveTextContent(/not taken/);
});

test('a joint is found by its tag; one that is not there is told at the field', async () => {
  await show({ 'GET find/CR2-03': { id: 'j3' }, 'GET find/CR9-99': { status: 404, message: 'No joint CR9-99.' } });
  await press('find');
  await type('tag, machine, site, job or person', 'CR9-99');
  await press('Find it');
  expect(screen.getByText('No joint CR9-99.')).toBeTruthy();
  await type('tag, machine, site, job or person', ' CR2-03 ');
  await press('Find it');
  expect(went()).toEqual(['/joints/j3']);
});

test('the keys of the screen are listed under ?', async () => {
  await show();
  await press('keys');
  expect(screen.getByText('Keys on this screen')).toBeTruthy();
  expect(screen.getByText('find by tag, machine, site, job or person')).toBeTruthy();
  expect(screen.getAllByText('Braze it').length).toBeGreaterThan(1);
});

test('a session that ends lays the sign-in over the page and leaves the page as it is', async () => {
  const { store } = await show({ 'GET demo/people': [], 'POST session': {} });
  act(() => void store.dispatch(sessionEnded()));
  await settle();
  expect(screen.getByText('Sign in again')).toBeTruthy();
  expect(screen.getByText('the drawing')).toBeTruthy();
  await type('name', 'ilta');
  await type('password', 'demo');
  fireEvent.press(screen.getByTestId('sign-in'));
  // The sheet goes away under the eye.
  await waitFor(() => expect(screen.queryByText('Sign in again')).toBeNull());
});
