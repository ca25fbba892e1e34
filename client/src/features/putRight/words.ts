/** What this feature says. */
export const WORDS = {
  howItIsPut: 'how it is put right',
  strikeItOut: 'Strike it out',
  putItRight: 'Put it right',
} as const;
