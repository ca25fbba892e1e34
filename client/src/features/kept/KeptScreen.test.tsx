import { act, screen } from '@testing-library/react-native';
import { press, settle, showScreen } from '@/testing/screen';
import { write } from '@/outbox/write';
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
