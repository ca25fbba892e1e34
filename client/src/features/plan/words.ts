/** What this feature says. */
export const WORDS = {
  whereTheFlameGoes: 'Where the flame goes',
  makeSafeFirst: 'Make safe first',
} as const;
