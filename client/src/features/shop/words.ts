/** What this feature says. */
export const WORDS = {
  forAndBut: (gains: string, risks: string) => `for ${gains}; but ${risks}`,
  shopPractice: 'Shop practice',
  howThisShopDoes: 'how this shop does it',
  chosenByTheLead: 'chosen by the lead',
  you: 'you',
  usual: 'usual',
  shopPracticeLabel: 'shop practice',
} as const;
