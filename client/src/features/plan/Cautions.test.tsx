import { screen } from '@testing-library/react-native';
import { METRIC_PREFERENCES } from '@kesto/core';
import { BRASS_STUB, draftOf, planOf } from '@/testing/joints';
import { press, showScreen } from '@/testing/screen';
import { Flags, MakeSafe, Notes } from '.';
import { flaggedOf, makeSafeOf } from './heeded';
import { flagsOf, nearMarks, placesOf } from './planMarks';

const HOT = { kind: 'valve', along: 'female', distance: '20 mm', protection: 'none' } as const;
const { plan } = planOf(draftOf({ female: BRASS_STUB, rest: { near: [HOT] } }));
const { plan: wrapped } = planOf(draftOf({ female: BRASS_STUB, rest: { near: [{ ...HOT, distance: '60 mm', protection: 'putty' }] } }));

test('what can hurt stands first, each with its letter and where its full rule is', async () => {
  await showScreen(<Flags plan={plan} units={METRIC_PREFERENCES} />);
  const flagged = flaggedOf(plan);
  expect(flagged.some(({ code }) => code === 'part-too-hot')).toBe(true);
  expect(screen.getAllByText(/full rule:/)).toHaveLength(flagged.length);
  expect(flagged.findIndex(({ severity }) => severity === 'stop')).toBeLessThanOrEqual(0);
});

test('of one stage only its own are shown', async () => {
  await showScreen(<Flags plan={plan} units={METRIC_PREFERENCES} stages={['charge']} />);
  expect(screen.queryByText(/full rule:/)).toBeNull();
});

test('what every flame asks is told once, behind a key', async () => {
  await showScreen(<MakeSafe plan={plan} units={METRIC_PREFERENCES} />);
  const points = makeSafeOf(plan).length;
  expect(points).toBeGreaterThan(0);
  await press(`Make safe first: ${points} points`);
  expect(screen.getByText('Make safe first: close')).toBeTruthy();
});

test('a note is no caution: it stands without a letter', async () => {
  const { plan: quiet } = planOf(draftOf({ female: BRASS_STUB }));
  await showScreen(<Notes plan={quiet} units={METRIC_PREFERENCES} />);
  expect(screen.queryByText(/full rule:/)).toBeNull();
});

describe('on the drawing', () => {
  test('a part that gets too hot says so at its own place; a wrapped one shows its wrap', () => {
    expect(nearMarks(plan, METRIC_PREFERENCES)[0]).toMatchObject({ kind: 'valve', tooHot: true, wrap: null, onFemale: true });
    expect(nearMarks(plan, METRIC_PREFERENCES)[0]?.reading).toMatch(/°C, too hot$/);
    const [mark] = nearMarks(wrapped, METRIC_PREFERENCES);
    expect(mark?.wrap?.word).toBe('putty');
    expect(mark!.wrap!.to).toBeGreaterThan(mark!.wrap!.from);
  });

  test('each letter stands where its caution is about', () => {
    const flags = flagsOf(plan);
    expect(flags).toHaveLength(flaggedOf(plan).length);
    expect(flags.map(({ letter }) => letter)).toEqual([...flags.keys()].map((i) => String.fromCharCode(97 + i)));
    expect(flags.some(({ place }) => place === 'part')).toBe(true);
  });

  test('the drawing reaches as far as its parts and their wraps', () => {
    expect(placesOf(wrapped).length).toBeGreaterThan(placesOf(plan).length);
  });
});
