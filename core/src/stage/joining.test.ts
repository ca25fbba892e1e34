import { joiningChoices, type JoiningFacts, type JoiningMethod } from './joining';

const USUAL: JoiningFacts = { odM: 0.0222, safetyClass: 'A1', near: [], vibration: false, flameAllowed: true };
const choices = (rest: Partial<JoiningFacts> = {}) => joiningChoices({ ...USUAL, ...rest });
const of = (method: JoiningMethod, rest: Partial<JoiningFacts> = {}) => choices(rest).find((choice) => choice.method === method);

test('where nothing speaks against a flame: bend or braze, then what else is allowed; a 7/8 tube is not flared', () => {
  expect(choices().map(({ method, verdict, why }) => [method, verdict, ...why])).toEqual([
    ['bend', 'best', 'fewest-joints'],
    ['braze', 'best', 'usual'],
    ['press', 'allowed', 'usual'],
    ['bench', 'allowed', 'flame-off-the-unit'],
    ['change-part', 'allowed', 'fewer-joints-on-old-tube'],
    ['flare', 'avoid', 'above-flare-range'],
  ]);
});

test('a refrigerant that burns asks for a cold way; brazing is still allowed, and says why it is not the first', () => {
  expect(of('press', { safetyClass: 'A2L' })).toMatchObject({ verdict: 'best', why: ['flammable'] });
  expect(of('braze', { safetyClass: 'A2L' })).toMatchObject({ verdict: 'allowed', why: ['flammable'] });
  expect(of('flare', { safetyClass: 'A2L', odM: 0.0127 })).toMatchObject({ verdict: 'best', why: ['flammable'] });
});

test('no flare first where the refrigerant burns easily; for carbon dioxide no cold joint without its own rating', () => {
  expect(of('flare', { safetyClass: 'A3', odM: 0.0127 })).toMatchObject({ verdict: 'avoid', why: ['burns-easily'] });
  const r744 = { refrigerant: 'R-744', odM: 0.0127 };
  for (const method of ['press', 'flare'] as const) expect(of(method, r744)).toMatchObject({ verdict: 'avoid', why: ['rating-asked'] });
  expect(of('braze', r744)?.verdict).toBe('best');
});

test('where no flame is allowed the torch is avoided, on the bench too', () => {
  const rest = { flameAllowed: false };
  expect(of('braze', rest)).toMatchObject({ verdict: 'avoid', why: ['no-flame'] });
  expect(of('bench', rest)?.verdict).toBe('avoid');
  expect(of('press', rest)).toMatchObject({ verdict: 'best', why: ['no-flame'] });
  expect(choices({ ...rest, safetyClass: 'A3' }).find(({ method }) => method === 'press')?.why).toEqual(['no-flame', 'flammable']);
});

test.each(['wood', 'insulation', 'plastic-pipe', 'painted-surface', 'wiring', 'sprinkler', 'detector'] as const)(
  '%s near by: brazing is allowed, with that said',
  (near) => {
    expect(of('braze', { near: [near] })).toMatchObject({ verdict: 'allowed', why: ['burns-near'] });
    expect(of('press', { near: [near] })).toMatchObject({ verdict: 'allowed', why: ['usual'] });
  },
);
test('a valve near by does not burn', () => expect(of('braze', { near: ['valve'] })?.verdict).toBe('best'));

// Press fittings end at 1-3/8 in, flares at 3/4 in.
test.each([
  ['press', 0.035, 'allowed', ['usual']],
  ['press', 0.0351, 'avoid', ['above-press-range']],
  ['flare', 0.01905, 'allowed', ['usual']],
  ['flare', 0.0222, 'avoid', ['above-flare-range']],
  ['press', null, 'allowed', ['usual']],
] as const)('%s on a tube of %s m: %s', (method, odM, verdict, why) => expect(of(method, { odM })).toMatchObject({ verdict, why }));

test('what shakes is brazed: press and flare are avoided, each for all that speaks against it', () => {
  expect(of('press', { vibration: true })).toMatchObject({ verdict: 'avoid', why: ['vibration'] });
  expect(of('flare', { vibration: true })).toMatchObject({ verdict: 'avoid', why: ['above-flare-range', 'vibration'] });
  expect(of('braze', { vibration: true })?.verdict).toBe('best');
});
