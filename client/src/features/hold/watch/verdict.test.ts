import { INCH_PREFERENCES, METRIC_PREFERENCES } from '@kesto/core';
import { glanceOf, verdictOf } from './verdict';
import type { HoldWatchWork } from './useHoldWatch';

const found = (rest: object = {}) => ({
  ...{ verdict: 'tight', leakPaM3S: 1e-7, smallestSeenPaM3S: 4e-6, gramsPerYear: null, gramsPerYearSeen: 12 },
  ...rest,
}) as Parameters<typeof verdictOf>[0]; // prettier-ignore

describe('a verdict never stands without its figure', () => {
  test('tight says down to which loss, and that soap decides below', () => {
    const { title, says, tone } = verdictOf(found(), METRIC_PREFERENCES);
    expect([title, tone]).toEqual(['Tight', 'teal']);
    expect(says).toMatch(/^down to 1[2-9](\.\d)? g a year; soap decides below$/);
  });

  test('leaking says how much leaves in a year, in the person’s own unit', () => {
    const leak = found({ verdict: 'leaking', leakPaM3S: 2e-5, gramsPerYear: 140 });
    expect(verdictOf(leak, METRIC_PREFERENCES).says).toMatch(/^about 0\.14 kg a year$/);
    expect(verdictOf(leak, INCH_PREFERENCES).says).toMatch(/^about 0\.31 lb a year$/);
  });

  test('a leak whose gas has no grams is told as a leak', () => {
    const says = verdictOf(
      found({ verdict: 'leaking', leakPaM3S: 2e-5, gramsPerYear: null, gramsPerYearSeen: null }),
      METRIC_PREFERENCES,
    ).says;
    expect(says).toMatch(/Pa·?\s?m³\/s/);
  });

  test('what the hold cannot see is said as what it is blind to', () => {
    const { title, says, tone } = verdictOf(found({ verdict: 'cannot-tell' }), METRIC_PREFERENCES);
    expect([title, tone]).toEqual(['Cannot tell yet', 'amber']);
    expect(says).toMatch(/^blind below 12 g a year/);
  });

  test('without readings that count there is no figure, and none is made up', () => {
    for (const verdict of ['tight', 'cannot-tell', 'leaking'])
      expect(verdictOf(found({ verdict, leakPaM3S: null, smallestSeenPaM3S: null }), METRIC_PREFERENCES).says).toBe(
        'no reading counts yet',
      );
  });
});

const watch = (rest: object) =>
  ({
    ...{ curve: null, state: 'holding', settledS: 900, isSettled: true, isAtStrength: false },
    ...{ kept: { ended: null, began: { at: '2026-11-24T08:00:00.000Z', values: {} } } },
    ...rest,
  }) as unknown as HoldWatchWork; // cast: what a glance reads of it

describe('at first glance', () => {
  test('a fill says when soap counts: now at a step, not during a strength test', () => {
    expect(glanceOf(watch({ state: 'filling' }), METRIC_PREFERENCES)).toMatchObject({
      title: 'Filling',
      says: 'Listen, then soap what is reached',
    });
    const strong = glanceOf(watch({ state: 'filling', isAtStrength: true }), METRIC_PREFERENCES);
    expect(strong.says).toMatch(/^No soap at this pressure/);
  });

  test('while it settles, from when it counts: a quarter of an hour after it began', () => {
    const at = new Date('2026-11-24T08:15:00.000Z');
    const clock = `${String(at.getHours()).padStart(2, '0')}:${String(at.getMinutes()).padStart(2, '0')}`;
    expect(glanceOf(watch({ isSettled: false }), METRIC_PREFERENCES)).toMatchObject({ title: 'Settling', says: `counts from ${clock}` });
  });

  test('without a curve it cannot tell; once it is ended its kept verdict stands, whatever is worked out now', () => {
    expect(glanceOf(watch({}), METRIC_PREFERENCES)).toMatchObject({ title: 'Cannot tell yet', says: 'no reading counts yet' });
    const ended = { ended: { values: found({ verdict: 'leaking', leakPaM3S: 2e-5, gramsPerYear: 140 }) }, began: { at: '', values: {} } };
    expect(glanceOf(watch({ kept: ended, state: 'ended' }), METRIC_PREFERENCES)).toMatchObject({ title: 'Leaking', tone: 'red' });
  });
});
