import type { SchoolQuestion, Schools } from './request';

/** The first question that is answered otherwise than it is usually done here, or null where nothing differs. */
export function differingSchool(asked: Schools, usual: Schools): SchoolQuestion | null {
  const questions = Object.keys(asked) as SchoolQuestion[]; // cast: schools have these keys alone
  return questions.find((question) => asked[question] !== undefined && asked[question] !== usual[question]) ?? null;
}
