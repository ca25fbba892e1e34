import { screen } from '@testing-library/react-native';
import { clockSeen } from '@/state/session';
import { ClockNote } from '@/features/session/ClockNote';
import { press, settle, showScreen, went } from '@/testing/screen';
import { ByPin } from './ByPin';
import { FirstSteps } from './FirstSteps';

test('the way from an empty shop: what is done stays done, and each of its steps opens', async () => {
  const steps = [
    { title: 'The van', says: 'what is on it', href: '/van', done: true },
    { title: 'A site', says: 'where the machines stand', href: '/sites', done: false },
  ];
  await showScreen(<FirstSteps steps={steps as never} />); // cast: what is shown of them
  expect(screen.getByLabelText('The van, done')).toBeTruthy();
  await press('A site');
  expect(went()).toEqual(['/sites']);
});

test('what was overruled in a lead’s name is shown to them until they have seen it', async () => {
  const see = jest.fn();
  const unseen = [
    { entry: 'e1', job: { id: 'j', number: 31 }, at: '2026-11-24T09:00:00.000Z', phoneOf: 'Ilta Varro', values: { reason: 'open field' } },
  ];
  await showScreen(<ByPin unseen={unseen as never} see={see} />); // cast: what is shown of them
  expect(screen.getByText(/in your name, job 31, 24 Nov/)).toBeTruthy();
  expect(screen.getByText(/on Ilta Varro’s phone: “open field”/)).toBeTruthy();
  await press('I have seen it');
  expect(see).toHaveBeenCalledWith('e1');
});

test('a clock that is off is said, with what is kept all the same; one that is right says nothing', async () => {
  const { store } = await showScreen(<ClockNote />);
  expect(screen.queryByText(/Entries keep both times/)).toBeNull();
  store.dispatch(clockSeen(15 * 60_000));
  await settle();
  expect(screen.getByText(/Entries keep both times; set the clock right\./)).toBeTruthy();
});
