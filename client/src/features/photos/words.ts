/** What this feature says. */
export const WORDS = {
  touchAPhoto: 'Touch a photo where the flaw is: a ring marks it.',
} as const;
