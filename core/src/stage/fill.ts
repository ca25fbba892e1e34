import { STRENGTH_STANDS_S } from '../holdPlan/strength';
import { secondsBetween, STEP_STANDS_S, type HoldTracks, type KeptHold } from './holds';

/** How far a fill is: what comes next, how long it still stands, and at which pressure soap counts. */
export interface FillNow {
  /** The next step [kPag]; null once it stands at the last. */
  readonly next: number | null;
  readonly standLeftS: number;
  readonly soapAt: number | null;
  /** Near work: not while it rises, nor for ten minutes at the last step, nor at a strength test. */
  readonly isNear: boolean;
  /** It stands at its strength test, and is let down next. */
  readonly isAtStrength: boolean;
}

/** Read as the same pressure [kPa]. */
const SAME_KPA = 1;

/** Pressures that are soaped at: the first two steps, and the hold's own. Source: the order of a fill. */
export function soapPressures(stepsKpag: readonly number[]): readonly number[] {
  const last = stepsKpag.at(-1);
  return last === undefined ? [] : [...stepsKpag.slice(0, -1).slice(0, 2), last];
}

/**
 * How far a fill is, by the steps that were noted.
 *
 * @param kept    the hold: its steps to come, its strength test where it has one
 * @param tracks  steps as they were noted [Pa gauge]
 * @param nowAt   by the hold's clock, ISO 8601
 * @returns       [kPag], [s]
 * @source        `STEP_STANDS_S`, `STRENGTH_STANDS_S`
 */
export function fillNow({ began, steps }: Pick<KeptHold, 'began' | 'steps'>, tracks: Pick<HoldTracks, 'steps'>, nowAt: string): FillNow {
  const { stepsKpag, strengthKpag = null } = began.values;
  const reached = tracks.steps.map(({ gaugePa }) => gaugePa / 1000);
  const now = reached.at(-1) ?? 0;
  const hold = stepsKpag.at(-1) ?? 0;
  const wasTested = strengthKpag !== null && reached.some((kpag) => kpag > strengthKpag - SAME_KPA);
  const isAtStrength = wasTested && now > hold + SAME_KPA;
  const ahead = strengthKpag !== null && wasTested ? stepsKpag.slice(-1) : stepsKpag;
  const next = isAtStrength ? hold : (ahead.find((kpag) => kpag > now + SAME_KPA) ?? null);
  const stands = isAtStrength ? STRENGTH_STANDS_S : next === null ? STEP_STANDS_S.last : STEP_STANDS_S.each;
  const last = steps.at(-1);
  const standLeftS = last ? Math.max(0, stands - secondsBetween(last.at, nowAt)) : 0;
  const soapAt = now > hold + SAME_KPA ? null : (soapPressures(stepsKpag).findLast((kpag) => kpag <= now + SAME_KPA) ?? null);
  return { next, standLeftS, soapAt, isNear: !isAtStrength && (next !== null || standLeftS === 0), isAtStrength };
}

/** So near under the cap it is let down [share]. Source: codes, nothing above it [M-H]. */
const NEAR_CAP = 0.98;

/** Above what caps it, or nearly: it is let down now. While a strength test is on, that pressure stands for the cap. */
export function isOverCap({ began }: Pick<KeptHold, 'began'>, gaugePa: number, isFilling: boolean): boolean {
  const { capKpag, strengthKpag } = began.values;
  const isTest = isFilling && strengthKpag !== undefined;
  return gaugePa / 1000 > (isTest ? strengthKpag + SAME_KPA : NEAR_CAP * capKpag);
}
