/** What this feature says. */
export const WORDS = {
  whatLetsThePressureDown: 'what lets the pressure down',
  theSuctionLineWasRead: 'the suction line was read',
  whatTheySay: 'What they say',
  allInsideItsWindow: 'All inside its window: the readings point to nothing.',
  advice: 'Advice, never a verdict. Usual is trade habit, where no plate says otherwise.',
  howItRuns: 'how it runs',
  theLineWasFelt: (line: string) => `the ${line} line was felt, not read`,
  close: 'Close',
} as const;
