import type { Hold, Isolation } from '@kesto/core';
import { HOLD_VERDICT_WORDS, isolationWhyText } from '../wording/en/isolation';
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
export function holdAnswer({ correctedEndPa, verdict, gramsPerYear, ...rest }: Hold) {
  return {
    ...rest,
    verdict: HOLD_VERDICT_WORDS[verdict],
    correctedEndPressureKpa: correctedEndPa / 1000,
    ...(gramsPerYear === null ? {} : { gramsPerYear }),
  };
}
