/** What this feature says. */
export const WORDS = {
  forAndBut: (gains: string, risks: string) => `for ${gains}; but ${risks}`,
} as const;
