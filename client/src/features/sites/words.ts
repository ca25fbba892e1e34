/** What this feature says. */
export const WORDS = {
  highUpTheAir:
    'High up the air is thinner: a gauge reads from there, and a vacuum is less deep than it looks. Plans that were kept stay as they are.',
  aboveTheSea: (altitudeM: string) => `${altitudeM} above the sea`,
} as const;
