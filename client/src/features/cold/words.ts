/** What this feature says. */
export const WORDS = {
  whatShowsThatItHolds: 'What shows that it holds',
} as const;
