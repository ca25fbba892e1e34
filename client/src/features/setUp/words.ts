/** What this feature says of what comes out before the flame. */
export const WORDS = {
  allOut: (count: number) => `All ${count} are out`,
  outBeforeTheFlame: 'Out before the flame, back before the hold',
  onTheTubeBefore: 'On the tube before its joint',
} as const;
