/** What this feature says. */
export const WORDS = {
  fillerThatWent: 'Filler that went in',
  whatIsKeptCannotBe: 'What is kept cannot be changed: a correction is a new entry that says why.',
} as const;
