import { notSignedTexts, signingDeviceTexts } from './signed';

test('entries without a signature stand in one line a chain, in ranges', () => {
  const one = (chain: string, entry: number) => ({ in: chain, entry }) as never; // cast: no more of it is read
  const all = [one('31', 2), one('31', 3), one('31', 4), one('31', 7), one('CR2-07', 5)];
  expect(notSignedTexts(all)).toEqual([
    'Job 31, entries 2 to 4, 7: not signed, though that person’s device had a key by then.',
    'CR2-07, entry 5: not signed, though that person’s device had a key by then.',
  ]);
});

test('two devices of one person that nobody vouched for are said once', () => {
  const device = (n: number, vouchedBy: readonly string[]) => ({ device: `d${n}`, name: 'Ilta Varro', vouchedBy });
  expect(signingDeviceTexts([device(1, []), device(2, []), device(3, ['Maren Ito-Dahl'])])).toHaveLength(2);
});
