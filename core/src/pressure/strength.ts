import type { ResolvedJoint } from '../joint/resolvedJoint';
import type { Schools } from '../vocabulary/schools';
import { isPlainCopper } from '../metal/metals';

import { annealedRating, enRating } from './annealedRating';

/** Which figure the tube is judged by. */
export type StrengthBasis = 'asme' | 'en' | 'maker' | 'none';

export interface Strength {
  readonly allowablePa: number | null;
  readonly designPa: number | null;
  readonly basis: StrengthBasis;
  readonly metalC: number;
  readonly metalAssumed: boolean;
  readonly ok: boolean | null;
  /** Allowable at ambient: what a pressure test is held against. */
  readonly coldAllowablePa: number | null;
}

export interface StrengthGiven {
  readonly designPa: number | null;
  readonly ratingPa: number | null;
  readonly refrigerant: string | null;
  readonly code: NonNullable<Schools['strengthCode']>;
  readonly metalC: number;
  readonly metalAssumed: boolean;
  readonly ambientC: number;
}

/** Carbon dioxide and copper-iron tube go by what their maker published, and by nothing else. */
const byMakerAlone = (joint: ResolvedJoint, refrigerant: string | null) => refrigerant === 'R-744' || joint.male.metal === 'copper-iron';

function judged(joint: ResolvedJoint, given: StrengthGiven, metalC: number): { pa: number | null; basis: StrengthBasis } {
  const { ratingPa, code } = given;
  if (code === 'maker' || byMakerAlone(joint, given.refrigerant)) return { pa: ratingPa, basis: ratingPa === null ? 'none' : 'maker' };
  const byCode = isPlainCopper(joint.male.metal)
    ? code === 'en'
      ? enRating(joint.male, metalC)
      : annealedRating(joint.male, metalC)
    : null;
  if (byCode === null) return { pa: ratingPa, basis: ratingPa === null ? 'none' : 'maker' };
  return ratingPa !== null && ratingPa < byCode ? { pa: ratingPa, basis: 'maker' } : { pa: byCode, basis: code };
}

/**
 * What the annealed tube may carry against what its side is designed for.
 *
 * @returns allowable by the shop's code, or the maker's published rating where that is lower or the only one; null where there is none
 * @source  ASME B31.5 or EN 14276 for copper; the maker's rating for carbon dioxide and copper-iron
 */
export function strengthOf(joint: ResolvedJoint, given: StrengthGiven): Strength {
  const { pa, basis } = judged(joint, given, given.metalC);
  const { designPa, metalC, metalAssumed } = given;
  return {
    allowablePa: pa,
    designPa,
    basis,
    metalC,
    metalAssumed,
    ok: pa === null || designPa === null ? null : designPa <= pa,
    coldAllowablePa: judged(joint, given, given.ambientC).pa,
  };
}

/** How far a pressure test may go above the lower of design and allowable, by code. Source: ASME B31.5, EN 14276/EN 378-2. */
const TEST_FACTOR = { asme: 1.3, en: 1.43 } as const;

export type TestVerdict = 'fits' | 'above-rating' | 'too-high';

/** A pressure test against what the plate and the tube bear. */
export function judgeTest(testPa: number, strength: Strength, code: StrengthGiven['code'], ratingPa: number | null): TestVerdict {
  const limits = [strength.designPa, strength.coldAllowablePa].filter((pa): pa is number => pa !== null);
  if (limits.length === 0) return 'fits';
  const most =
    code === 'maker'
      ? (ratingPa ?? Infinity)
      : code === 'en'
        ? TEST_FACTOR.en * (strength.designPa ?? Infinity)
        : TEST_FACTOR.asme * Math.min(...limits);
  if (testPa > most) return 'too-high';
  return testPa > Math.min(...limits) ? 'above-rating' : 'fits';
}
