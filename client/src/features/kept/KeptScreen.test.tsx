import { act, screen } from '@testing-library/react-native';
import { press, settle, showScreen } from '@/testing/screen';
import { keptHere } from '@/outbox/slice';
import { write } from '@/outbox/write';
import { useVanStock } from '@/features/van/api';
import { Words } from '@/ui/Words';
import { vanWrite } from '@/features/van/api';
import { VAN } from '@/testing/joints';
import { KeptScreen } from './KeptScreen';

async function keptVan(answer: unknown) {
  const shown = await showScreen(<KeptScreen />, { answers: { 'PUT van': answer } });
  await act(async () => void (await shown.store.dispatch(write(vanWrite(VAN)))));
  await settle();
  return shown;
}

test('an empty device says that the server has it all', async () => {
  await showScreen(<KeptScreen />);
  expect(screen.getByText('All stored')).toBeTruthy();
});

test('what the server cannot take now stands with its reason, and is sent when asked', async () => {
  const { writes } = await keptVan({ status: 503, message: 'The database is away.' });
  expect(screen.getByText('the count of the van')).toBeTruthy();
  expect(screen.getByText('The database is away.')).toBeTruthy();
  await press('Send now');
  expect(writes.length).toBeGreaterThan(1);
  expect(writes.at(-1)).toEqual(writes[0]);
});

test('what another person kept on this device is never shown as stored to whoever reads now', async () => {
  const Counted = () => <Words>{`${useVanStock().data?.fillers.length ?? 0} rods`}</Words>;
  const { store } = await showScreen(<Counted />);
  const before = `${VAN.fillers.length} rods`;
  const waiting = {
    ...{ id: 'c', at: '', params: {}, things: ['van'], changes: [] },
    route: 'putVan',
    refused: null,
    stalled: null,
  } as const;
  const count = (by: string) => act(() => void store.dispatch(keptHere([{ ...waiting, by, body: { ...VAN, fillers: [] } }])));
  count('oskar');
  expect(screen.getByText(before)).toBeTruthy();
  count('p1');
  expect(screen.getByText('0 rods')).toBeTruthy();
});
