import { LOOK_FINDINGS, lookBar, tooMildFor, type LookFinding } from './look';

test('a crack, a melted edge or a tube not fully home is cut out; filler can still be drawn into the rest, once', () => {
  const cutOut = (Object.keys(LOOK_FINDINGS) as LookFinding[]).filter((finding) => LOOK_FINDINGS[finding] === 'cut-out');
  expect(cutOut).toEqual(['not-fully-home', 'crack', 'base-metal-melted', 'blown', 'flux-stuck', 'phosphorus-on-iron']);
});

test.each([
  ['pass', [], null],
  ['pass', ['pinhole'], 'pinhole'],
  ['rework', ['pinhole'], null],
  ['rework', ['pinhole', 'crack'], 'crack'],
  ['cut-out', ['pinhole', 'crack'], null],
] as const)('%s with %j found: too mild for %s', (result, findings, expected) => expect(tooMildFor(result, findings)).toBe(expected));

describe('what bars a look, whatever was found', () => {
  const by = { isMaker: false, isLead: false, reworked: 0, refrigerant: 'R-449A', safetyClass: 'A1' };
  test.each([
    ['a back that nobody saw', { result: 'pass', backSeen: false }, by, 'back-not-seen'],
    ['a back that was seen', { result: 'pass', backSeen: true }, { ...by, isMaker: true }, null],
    [
      'the maker of a joint for carbon dioxide',
      { result: 'pass', backSeen: true },
      { ...by, isMaker: true, refrigerant: 'R-744' },
      'another-looks',
    ],
    [
      'the maker where the shop always asks another',
      { result: 'pass' },
      { ...by, isMaker: true, secondLook: 'always' as const },
      'another-looks',
    ],
    ['another where the shop always asks another', { result: 'pass' }, { ...by, secondLook: 'always' as const }, null],
    [
      'the maker of a joint for propane',
      { result: 'pass' },
      { ...by, isMaker: true, refrigerant: 'R-290', safetyClass: 'A3' },
      'another-looks',
    ],
    ['another of a joint for ammonia', { result: 'pass' }, { ...by, refrigerant: 'R-717', safetyClass: 'B2L' }, null],
    ['a maker who finds it has to be cut out', { result: 'cut-out' }, { ...by, isMaker: true, refrigerant: 'R-744' }, null],
    ['a second rework', { result: 'rework' }, { ...by, reworked: 1 }, 'rework-once'],
    ['a second rework that a lead agrees to', { result: 'rework' }, { ...by, reworked: 1, isLead: true }, null],
  ] as const)('%s', (_what, look, looked, expected) => expect(lookBar(look, looked)).toBe(expected));
});
