import { METRIC_PREFERENCES } from '@kesto/core';
import { BRASS_STUB, draftOf, planOf } from '@/testing/joints';
import { workingOf } from './index';
import type { Working } from './working';

/** Reads `½ [ 22.33 × 1.01384 − 22.23 × 1.01189 ]` as a pocket calculator would; NaN where it is no sum of figures. */
function reckoned(text: string): number {
  const sum = text
    .replace(/^=/, '')
    .replaceAll('½', '0.5 *')
    .replaceAll('×', '*')
    .replaceAll('−', '-')
    .replaceAll('[', '(')
    .replaceAll(']', ')');
  return /^[\d\s.*/()+-]+$/.test(sum) ? Number(new Function(`return ${sum}`)()) : NaN;
}

const shown = (text: string) => Number(/-?[\d.]+/.exec(text.replace('−', '-'))?.[0] ?? NaN);

const JOINTS = {
  'a plain joint': draftOf(),
  'a brass stub': draftOf({ female: BRASS_STUB }),
  'a stub with a valve near it': draftOf({
    female: BRASS_STUB,
    rest: { near: [{ kind: 'valve', along: 'female', distance: '52 mm', protection: 'putty' }] },
  }),
} as const;

const NAMES = ['depth', 'gap', 'flux', 'flood', 'trickle', 'nitrogen', 'aim', 'heat', 'rod', 'strength'] as const;

const workings = (draft: (typeof JOINTS)[keyof typeof JOINTS]): readonly (readonly [string, Working])[] => {
  const { plan } = planOf(draft);
  return NAMES.map((name) => [name, workingOf(name, plan, METRIC_PREFERENCES)] as const);
};

describe.each(Object.entries(JOINTS))('%s', (_what, draft) => {
  test('the figures put in give the figure shown, to its last digit', () => {
    const reckonable = workings(draft).filter(([, { formula }]) => formula.length === 3 && !Number.isNaN(reckoned(formula[1] ?? '')));
    expect(reckonable.map(([name]) => name)).toEqual(['gap', 'strength']);
    for (const [name, { formula }] of reckonable) {
      const [, put = '', result = ''] = formula;
      const digits = /\.(\d+)/.exec(result)?.[1]?.length ?? 0;
      // The figures put in are rounded as they are shown: two of the last digit shown.
      expect([name, Math.abs(reckoned(put) - shown(result)) <= 2.01 * 10 ** -digits]).toEqual([name, true]);
    }
  });

  test('what is good lies on the scale of its figure', () => {
    for (const [name, { scale }] of workings(draft)) {
      if (!scale) continue;
      const { min, max, good } = scale;
      expect([name, min < max && min <= good[0] && good[0] <= good[1] && good[1] <= max]).toEqual([name, true]);
    }
  });
});

test('the least overlap is three times the thinner wall where the joint is plain', () => {
  const { formula, inputs } = workingOf('depth', planOf(draftOf({ female: BRASS_STUB })).plan, METRIC_PREFERENCES);
  const wall = shown(inputs.find(({ symbol }) => symbol === 't')?.value ?? '');
  expect(reckoned(formula[1]?.replace(/=.*/, '') ?? '')).toBeCloseTo(3 * wall, 1);
});

test('a joint nobody rates is not judged, and says why', () => {
  const { plan } = planOf(draftOf({ male: { metal: 'carbon-steel' as never } })); // cast: a metal by its id
  const { title, sentence } = workingOf('strength', { ...plan, pressure: { ...plan.pressure, allowablePa: null } }, METRIC_PREFERENCES);
  expect(title).toBe('Strength is not judged');
  expect(sentence).toMatch(/No stress table/);
});
