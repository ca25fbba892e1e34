import { clockAheadText, entryClockText } from './clock';

const MINUTE = 60_000;
test.each([
  [6 * MINUTE, '6 minutes ahead'],
  [-2 * 60 * MINUTE, '2 hours behind'],
  [3 * 365.25 * 24 * 60 * MINUTE, '3 years ahead'],
  [24 * 60 * MINUTE, '1 day ahead'],
])('a clock off by %d ms is %s', (ms, text) => expect(clockAheadText(ms)).toBe(text));

test('an entry noted two hours before the server had it says nothing; one noted two hours after does', () => {
  const [ten, twelve] = ['2026-11-26T10:00:00.000Z', '2026-11-26T12:00:00.000Z'];
  expect(entryClockText({ deviceTime: ten, serverTime: twelve })).toBeNull();
  expect(entryClockText({ deviceTime: twelve, serverTime: ten })).toBe('the device’s clock was 2 hours ahead of the server’s');
});
