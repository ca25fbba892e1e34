import { screen } from '@testing-library/react-native';
import { press, showScreen, went } from '@/testing/screen';
import { Freshness, TorchChoices, TorchLocked } from '.';

test('what locks the torch is said where it would be lit, and leads to its list', async () => {
  const lock = { gate: 'torch', open: ['zero-and-open', 'oxygen'], protectsPeople: true } as const;
  await showScreen(<TorchLocked jobId="job" lock={lock} />);
  expect(screen.getByText(/The torch stays locked/)).toBeTruthy();
  await press('Make it safe');
  expect(went()).toEqual(['/jobs/job/safe']);
  await showScreen(<TorchLocked jobId="job" lock={null} />);
  expect(screen.queryByText(/The torch stays locked/)).toBeNull();
});

test('what was read says until when it is good, or what is read again', async () => {
  await showScreen(<Freshness again={[]} goodUntil={new Date('2026-11-24T09:40:00')} />);
  expect(screen.getByText(/^Good until 09:40/)).toBeTruthy();
  await showScreen(<Freshness again={['zero-and-open', 'oxygen']} goodUntil={null} />);
  expect(screen.getByText(/^Before the next flame again: zero and open to air, air to breathe\./)).toBeTruthy();
  await showScreen(<Freshness again={[]} goodUntil={null} />);
  expect(screen.queryByText(/flame/)).toBeNull();
});

test('which thumb holds the phone, and how much it tells, is this device’s own', async () => {
  const { store } = await showScreen(<TorchChoices />);
  await press('left thumb');
  await press('and why, for an apprentice');
  expect(store.getState().atTheTorch).toMatchObject({ hand: 'left', telling: 'why' });
});
