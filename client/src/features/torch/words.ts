/** What this feature says. */
export const WORDS = {
  goodUntil: (goodUntil: string) =>
    `Good until ${goodUntil}, or until a valve, a hose or the person changes: then the gauges and the air are read again.`,
  beforeTheNextFlame: (names: string, minutes: number) =>
    `Before the next flame again: ${names}. ${minutes} minutes without a flame, or somebody else lights.`,
  whichThumb: 'which thumb',
  rightThumb: 'right thumb',
  leftThumb: 'left thumb',
  howMuchItTells: 'how much it tells',
  whatToDo: 'what to do',
  andWhyForAn: 'and why, for an apprentice',
  makeItSafe: 'Make it safe',
} as const;
