/** What this feature says of a part's limits. */
export const WORDS = {
  limits: 'What it bears, from its own plate (gauge)',
  bears: 'working pressure',
  bearsSays: 'a hold never goes above it',
  tested: 'maker’s test pressure',
  testedSays: 'only with it a strength test may reach it',
  opens: 'opens at',
  opensSays: 'as it is set',
  setLimits: 'Set its limits',
} as const;
