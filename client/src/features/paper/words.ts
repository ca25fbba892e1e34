/** What this feature says. */
export const WORDS = {
  fetching: 'Fetching',
  shareIt: 'Share it',
  share: (says: string) => `share ${says}`,
} as const;
