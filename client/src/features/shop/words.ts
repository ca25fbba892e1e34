/** What this feature says. */
export const WORDS = {
  forThat: 'for',
  but: '; but',
} as const;
