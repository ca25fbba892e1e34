import { BRASS_STUB, draftOf, planOf } from '@/testing/joints';
import { clockText } from './clock';
import { runPlanOf } from './runPlan';

test.each([
  [0, '0:00'],
  [44, '0:44'],
  [60, '1:00'],
  [785, '13:05'],
  [43.2, '0:44'],
  [-5, '0:00'],
])('%s s stand on the clock as %s: a second begun is shown, what is past is nought', (seconds, text) => {
  expect(clockText(seconds)).toBe(text);
});

const wrapped = (protection: string) =>
  planOf(
    draftOf({
      female: BRASS_STUB,
      rest: { near: [{ kind: 'valve', along: 'female', distance: '52 mm', protection: protection as never }] },
    }),
  ).plan; // cast: a protection by its id

describe('what the steps at the torch hang on', () => {
  test('a part that is wrapped asks for its wrap before the way out is opened; one that is not near asks for none', () => {
    expect(runPlanOf(wrapped('putty'), []).hasWraps).toBe(true);
    expect(runPlanOf(planOf(draftOf({ female: BRASS_STUB })).plan, []).hasWraps).toBe(false);
  });

  test('it floods as long as it was planned, to the oxygen that was planned', () => {
    const { plan } = planOf(draftOf({ female: BRASS_STUB }));
    const run = runPlanOf(plan, []);
    expect(run.floodS).toBe(plan.purge?.floodSeconds);
    expect(run.floodS).toBeGreaterThan(0);
    expect(run.targetPercent).toBeGreaterThan(0);
    expect(run.targetPercent).toBeLessThanOrEqual(1);
  });

  test('it cools down to 200 °C before the gas is off, and further before a hand is on it', () => {
    const { cooling } = runPlanOf(planOf(draftOf({ female: BRASS_STUB })).plan, []);
    expect(cooling?.under200S).toBeGreaterThan(0);
    expect(cooling?.under50S).toBeGreaterThan(cooling?.under200S ?? Infinity);
  });

  test('a plan without a purge floods for no time, and is not taken for one that reached its oxygen', () => {
    const { plan } = planOf(draftOf({ female: BRASS_STUB }));
    expect(runPlanOf({ ...plan, purge: null }, [])).toMatchObject({ floodS: null, targetPercent: 0 });
  });
});
