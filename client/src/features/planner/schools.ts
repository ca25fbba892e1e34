import type { SchoolQuestion, Schools } from '@kesto/core';
import type { Draft } from './drafts';

/** The first question this joint answers otherwise than the shop, or null. */
export function differingSchool(draft: Draft, shop: Schools): SchoolQuestion | null {
  const questions = Object.keys(draft.schools) as SchoolQuestion[]; // cast: a draft's schools have these keys alone
  return questions.find((question) => draft.schools[question] !== undefined && draft.schools[question] !== shop[question]) ?? null;
}
