/** What this feature says. */
export const WORDS = {
  goodUntil: (goodUntil: string) =>
    `Good until ${goodUntil}, or until a valve, a hose or the person changes: then the gauges and the air are read again.`,
} as const;
