import { coldEntryText, coldFlawText, coldLimitText } from './cold';

test.each([
  ['pressed', { jaw: '3/8, to 2027-04', mark: true, witness: false, note: '' }, '3/8, to 2027-04, mark at the edge, no witness'],
  ['flared', { torqueNm: 38, sizeMm: 13, oiled: true, note: 'twice looked at' }, '38 N m, opened to 13 mm, oiled, twice looked at'],
  ['flared', { torqueNm: 38, oiled: false, note: '' }, '38 N m, dry'],
  ['bent', { radiusMm: 40, ovalPercent: 4, note: '' }, 'over 40 mm, 4 % out of round'],
  ['brazed', {}, null],
] as const)('%s says %j', (kind, values, text) => {
  expect(coldEntryText(kind, values)).toBe(text);
});

test('limits are by the tube’s size; a size that no table has says whose figure counts', () => {
  expect(coldLimitText('flare', 0.00952)).toBe('33 to 42 N m oiled, opened to 12.8 to 13.2 mm *');
  expect(coldLimitText('flare', 0.02222)).toBe('no table has this size: the maker’s torque');
  expect(coldLimitText('bend', 0.0127)).toBe('centre line at least 38 mm, out of round at most 8 % *');
  expect(coldLimitText('press', 0.0127)).toBeNull();
});

test('what a cold joint lacks is named, and what follows', () => {
  expect(coldFlawText(['mark-moved', 'no-witness'])).toBe(
    'the mark is not within 1 mm of the edge; the ring shows no witness, or the gauge does not go: it cannot pass. Cut it out and make it anew.',
  );
});
