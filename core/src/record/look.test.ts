import { LOOK_FINDINGS, tooMildFor, type LookFinding } from './look';

test('a crack, a melted edge or a tube not fully home is cut out; filler can still be drawn into the rest, once', () => {
  const cutOut = (Object.keys(LOOK_FINDINGS) as LookFinding[]).filter((finding) => LOOK_FINDINGS[finding] === 'cut-out');
  expect(cutOut).toEqual(['not-fully-home', 'crack', 'base-metal-melted']);
});

test.each([
  ['pass', [], null],
  ['pass', ['pinhole'], 'pinhole'],
  ['rework', ['pinhole'], null],
  ['rework', ['pinhole', 'crack'], 'crack'],
  ['cut-out', ['pinhole', 'crack'], null],
] as const)('%s with %j found: too mild for %s', (result, findings, expected) => expect(tooMildFor(result, findings)).toBe(expected));
