import { act, screen } from '@testing-library/react-native';
import { press, settle, showScreen } from '@/testing/screen';
import { keptHere } from '@/outbox/slice';
import { VAN_COMMAND } from '@/testing/commands';
import { write } from '@/outbox/write';
import { useVanStock } from '@/data/van/api';
import { Words } from '@/ui/Words';
import { vanWrite } from '@/data/van/writes';
import { VAN } from '@/testing/joints';
import { KeptScreen } from './KeptScreen';

async function keptVan(answer: unknown) {
  const shown = await showScreen(<KeptScreen />, { answers: { 'PUT van': answer } });
  await act(async () => void (await shown.store.dispatch(write(vanWrite({ ...VAN, fillers: VAN.fillers.slice(1) }, VAN)))));
  await settle();
  return shown;
}

test('an empty device says that the server has it all', async () => {
  await showScreen(<KeptScreen />);
  expect(screen.getByText('All stored')).toBeTruthy();
});

test('what the server cannot take now stands with its reason, and is sent when asked', async () => {
  const { sent } = await keptVan({ status: 503, message: 'The database is away.' });
  expect(screen.getByText('the count of the van')).toBeTruthy();
  expect(screen.getByText('The database is away.')).toBeTruthy();
  await press('Send now');
  expect(sent.length).toBeGreaterThan(1);
  expect(sent.at(-1)).toEqual(sent[0]);
});

test('what another person kept on this device is never shown as stored to whoever reads now', async () => {
  const Counted = () => <Words>{`${useVanStock().data?.fillers.length ?? 0} rods`}</Words>;
  const { store } = await showScreen(<Counted />);
  const before = `${VAN.fillers.length} rods`;
  const count = (by: string) => act(() => void store.dispatch(keptHere([{ ...VAN_COMMAND, by, body: { ...VAN, fillers: [] } }])));
  count('oskar');
  expect(screen.getByText(before)).toBeTruthy();
  count('p1');
  expect(screen.getByText('0 rods')).toBeTruthy();
});

const PEOPLE = {
  people: [{ id: 'oskar', name: 'Oskar Penn', role: 'technician', approvals: [], confirmedAt: null, left: true }],
  invites: [],
};
const shownKept = async (role: 'technician' | 'lead', command: object) => {
  const shown = await showScreen(<KeptScreen />, { role, answers: { 'GET people': PEOPLE } });
  act(() => void shown.store.dispatch(keptHere([{ ...VAN_COMMAND, ...command }])));
  await settle();
  return shown;
};

test('what somebody who left had kept is named, can be copied, and is taken off by a lead alone', async () => {
  const left = { by: 'oskar', byName: 'Oskar Penn' };
  await shownKept('technician', left);
  expect(screen.getByText(/^Oskar Penn has left the shop/)).toBeTruthy();
  expect(screen.getByText('Copy it')).toBeTruthy();
  expect(screen.queryByText('Take it off this device')).toBeNull();
  expect(screen.queryByText(/Take over/)).toBeNull();
  await shownKept('lead', left);
  expect(screen.getAllByText('Take it off this device')).toHaveLength(1);
  expect(screen.getByText('Take over what Oskar Penn had kept (1)')).toBeTruthy();
});

test('what two people changed stands side by side, each line to be decided', async () => {
  const lines = [{ path: ['fillers', 'BAg-36', 'count'], mine: 3, theirs: 4 }];
  await shownKept('technician', { by: 'p1', state: { status: 'changed', lines } });
  expect(screen.getByText('fillers, BAg-36, count')).toBeTruthy();
  expect(screen.getByText('yours: 3')).toBeTruthy();
  expect(screen.getByText('stands: 4')).toBeTruthy();
});
