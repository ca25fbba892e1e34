/** What this feature says of what comes out before the flame. */
export const WORDS = {
  allOut: (count: number) => `All ${count} are out`,
} as const;
