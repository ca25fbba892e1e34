import type { Hold, HoldRequest, Isolation } from '@kesto/core';
import { HOLD_REASON_WORDS, HOLD_VERDICT_WORDS, holdText } from '../wording/en/hold';
import { isolationWhyText } from '../wording/en/isolation';
import { cautionsAnswer } from './plan';

/** The answer of `kesto isolate`. */
export function isolateAnswer({ sections, cautions, why, ...rest }: Isolation) {
  return {
    ...rest,
    cautions: cautionsAnswer(cautions),
    why: why.map((reason) => isolationWhyText(reason)),
    ...(sections
      ? {
          sections: sections.map(({ parts, volumeM3, portsNeeded, smallestSeenPaM3S }) => ({
            ...{ parts, volumeL: volumeM3 * 1000, portsNeeded, smallestSeenPaM3S },
          })),
        }
      : {}),
  };
}

/** The answer of `kesto hold`. */
export function holdAnswer(hold: Hold, { refrigerant }: Pick<HoldRequest, 'refrigerant'>) {
  const { leakPaM3S, smallestSeenPaM3S, minutesNeeded, gramsPerYear, gramsPerYearSeen, gramsPerYearRunning } = hold;
  return {
    ...{ leakPaM3S, smallestSeenPaM3S, minutesNeeded },
    verdict: HOLD_VERDICT_WORDS[hold.verdict],
    text: holdText(hold, refrigerant ?? null),
    reasons: hold.reasons.map((code) => ({ code, text: HOLD_REASON_WORDS[code] })),
    correctedEndPressureKpa: hold.correctedEndPa / 1000,
    cautions: cautionsAnswer(hold.cautions),
    ...(refrigerant === undefined ? {} : { gramsPerYear, gramsPerYearSeen, gramsPerYearRunning }),
  };
}
