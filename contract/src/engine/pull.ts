import { micronOf, micronPerMin, type Pull, type PullRequest, type Rise } from '@kesto/core/pull';
import { PULL_REASON_WORDS, PULL_VERDICT_WORDS, riseText } from '../wording/en/pull';
import { cautionsAnswer } from './plan';

function riseAnswer(rise: Rise, { volume, refrigerant }: Pick<PullRequest, 'volume' | 'refrigerant'>) {
  return {
    verdict: PULL_VERDICT_WORDS[rise.verdict],
    text: riseText(rise),
    reasons: rise.reasons.map((code) => ({ code, text: PULL_REASON_WORDS[code] })),
    plateauMicron: rise.plateauPa === null ? null : micronOf(rise.plateauPa),
    leakMicronPerMin: rise.straightPaPerS === null ? null : micronPerMin(rise.straightPaPerS),
    model: rise.model,
    limitMicron: micronOf(rise.limitUsedPa),
    ...(volume ? { leakPaM3S: rise.leakPaM3S } : {}),
    ...(volume && refrigerant !== undefined ? { gramsPerYear: rise.gramsPerYear } : {}),
  };
}

/** The answer of `kesto pull`: what was asked for, and nothing else. */
export function pullAnswer({ rise, airLeft, times, reach, cautions }: Pull, request: PullRequest) {
  return {
    ...(rise ? riseAnswer(rise, request) : {}),
    ...(airLeft === null ? {} : { airLeftPpm: airLeft * 1e6 }),
    ...(times
      ? {
          minutesTo: times.map(({ pa, seconds }) => ({
            micron: Math.round(micronOf(pa)),
            minutes: seconds === null ? null : seconds / 60,
          })),
        }
      : {}),
    ...(reach ? { unreached: reach.unreached, openFirst: reach.openFirst, badly: reach.badly } : {}),
    cautions: cautionsAnswer(cautions),
  };
}
