import type { Hold, HoldLimit, HoldPlan, HoldRequest, Isolation } from '@kesto/core';
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

const limitAnswer = ({ part, kind, gaugePa }: HoldLimit) => ({ ...(part === undefined ? {} : { part }), kind, kpag: gaugePa / 1000 });

/** The answer of `kesto hold` where a hold is planned. */
export function holdPlanAnswer(plan: HoldPlan) {
  const { reach, unknown, takeOff, distanceM, minutesNeeded } = plan;
  return {
    testPressureKpag: plan.testGaugePa / 1000,
    cappedBy: limitAnswer(plan.cappedBy),
    limits: plan.limits.map(limitAnswer),
    unknown,
    ...{ reached: reach.reached, untested: reach.untested, openFirst: reach.openFirst, shut: reach.shut },
    ...{ takeOff, equalise: reach.equalise },
    stepsKpag: plan.stepsGaugePa.map((pa) => pa / 1000),
    fillKpag: plan.fillGaugePa / 1000,
    reliefKpag: plan.reliefGaugePa / 1000,
    storedEnergyKj: plan.storedEnergyJ === null ? null : plan.storedEnergyJ / 1000,
    distanceM,
    nitrogenL: plan.nitrogenM3 === null ? null : plan.nitrogenM3 * 1000,
    minutesNeeded,
    cautions: cautionsAnswer(plan.cautions),
  };
}
