/** What this feature says. */
export const WORDS = {
  whereTheFlameGoes: 'Where the flame goes',
  makeSafeFirst: 'Make safe first',
  makeSafeFirstClose: 'Make safe first: close',
  makeSafeFirstPoints: (count: number) => `Make safe first: ${count} points`,
  oxygenFallsFrom20: (target: number, floodSeconds: string) => `oxygen falls from 20.9 to ${target} percent in ${floodSeconds}`,
  flood: 'flood',
  trickle: 'trickle',
  now: (percent: string) => `${percent} % now`,
  litHereBlackScale: 'lit here: black scale',
  litHereDullFilm: 'lit here: dull film',
} as const;
