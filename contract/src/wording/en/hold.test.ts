import type { Hold } from '@kesto/core';
import { holdText } from './hold';

const found: Hold = {
  ...{ leakPaM3S: 0.01, smallestSeenPaM3S: 0.06, verdict: 'tight', reasons: [], wantedLeakPaM3S: 0.1, minutesNeeded: 0 },
  ...{ correctedEndPa: 3e6, gramsPerYear: 2600, gramsPerYearSeen: 15_600, gramsPerYearRunning: 9300, cautions: [] },
};
const says = (rest: Partial<Hold>, refrigerant: string | null = 'R-410A') => holdText({ ...found, ...rest }, refrigerant);

test.each<[string, Partial<Hold>, string | null, string]>([
  ['tight, down to what is lost and what hides', {}, 'R-410A', 'tight down to 0.07 Pa m³/s, about 18 kg a year of R-410A: soap decides below that'],
  ['tight, with no refrigerant named', { gramsPerYearSeen: null }, null, 'tight down to 0.07 Pa m³/s: soap decides below that'],
  ['tight, though the gas seems to grow', { leakPaM3S: -0.03 }, 'R-410A', 'tight down to 0.06 Pa m³/s, about 16 kg a year of R-410A: soap decides below that'],
  ['leaking, standing and running', { verdict: 'leaking' }, 'R-410A', 'leaking 0.01 Pa m³/s, about 2.6 kg a year of R-410A standing, 9.3 kg running'],
  ['leaking a little', { verdict: 'leaking', leakPaM3S: 2e-5, gramsPerYear: 5.2, gramsPerYearRunning: 18.6 }, 'R-410A', 'leaking 2.0 × 10^-5 Pa m³/s, about 5.2 g a year of R-410A standing, 19 g running'],
  ['leaking above the critical point', { verdict: 'leaking', gramsPerYearRunning: null }, 'R-744', 'leaking 0.01 Pa m³/s, about 2.6 kg a year of R-744'],
])('%s', (_what, rest, refrigerant, sentence) => expect(says(rest, refrigerant)).toBe(sentence)); // prettier-ignore

describe('cannot tell yet', () => {
  const open = { verdict: 'cannot-tell', minutesNeeded: 12.2 } as const;
  test.each<[Partial<Hold>, string]>([
    [{}, 'Hold it 13 min more to tell the leak that is looked for.'],
    [{ minutesNeeded: null }, 'This gauge and thermometer cannot see the leak that is looked for, however long it is held.'],
    [{ leakPaM3S: -0.07, minutesNeeded: null }, 'The gas seems to grow, which proves nothing: look at temperature, valves, gauge.'],
    [{ reasons: ['supply-open'] }, 'The cylinder or the hose stands open and would feed a leak: shut both, then begin anew.'],
    [
      { reasons: ['no-wanted-leak'], minutesNeeded: null },
      'Nothing says how small a leak has to be seen: say what was lost and in how many days, or the charge. This hold would have seen 0.07 Pa m³/s, about 18 kg a year of R-410A.',
    ],
  ])('%j', (rest, sentence) => expect(says({ ...open, ...rest })).toBe(`cannot tell yet. ${sentence}`));
});
