/** What the page says before its scripts have come. */
export const EARLY_WORDS = {
  asOf: (when: string) => `as of ${when}, opening`,
} as const;
