import { fireEvent, screen } from '@testing-library/react-native';
import { press, settle, showScreen, type, went } from '@/testing/screen';
import { FindOver } from './FindOver';

const FOUND = {
  joints: [{ id: 'a', tag: 'CR2-07', title: 'suction line', by: 'Ilta Varro' }],
  units: [{ id: 'u', tag: 'CR2', name: 'vault cold room', site: 'Lumikero Botanical Station' }],
  jobs: [{ id: 'j', number: 31, title: 'suction valve leaks', tag: 'CR2', done: true }],
  imported: [{ sha256: 'f'.repeat(64), tag: 'HX1-02', shop: null }],
};
const NONE = { joints: [], units: [], jobs: [], imported: [] };
const LABEL = 'tag, machine, site, job or person';
const show = (answers: object, onClose = () => undefined) => showScreen(<FindOver open onClose={onClose} />, { answers: { ...answers } });

test('a joint, a machine, a job and another shop’s file each say what they are, and open', async () => {
  const closed = jest.fn();
  await show({ 'GET search/*': FOUND }, closed);
  await type(LABEL, 'CR2');
  expect(screen.getByText('suction line, by Ilta Varro')).toBeTruthy();
  expect(screen.getByText('vault cold room, Lumikero Botanical Station')).toBeTruthy();
  expect(screen.getByText('CR2, suction valve leaks, done')).toBeTruthy();
  expect(screen.getByText('as another shop gave it')).toBeTruthy();
  await press('vault cold room, Lumikero Botanical Station');
  expect(went()).toEqual(['/units/u']);
  expect(closed).toHaveBeenCalled();
});

test('one letter asks nothing: it is in everything', async () => {
  await show({ 'GET search/*': FOUND });
  await type(LABEL, 'C');
  expect(screen.queryByText('CR2-07')).toBeNull();
});

test('nothing that is called so is said; enter takes the first there is', async () => {
  await show({ 'GET search/*': NONE });
  await type(LABEL, 'walrus');
  expect(screen.getByText(/^Nothing here is called so/)).toBeTruthy();
  await show({ 'GET search/*': FOUND });
  await type(LABEL, 'CR2');
  fireEvent(screen.getByLabelText(LABEL), 'submitEditing');
  await settle();
  await press('Find it');
  expect(went()[0]).toBe('/joints/a');
});

test('where the server does not answer it says so; the table over all joints is a tap away', async () => {
  await show({ 'GET search/*': { status: 503, message: 'The database is away.' } });
  await type(LABEL, 'CR2');
  expect(screen.getByText('The database is away.')).toBeTruthy();
  await press('A table over all joints');
  expect(went()).toEqual(['/found']);
});
