/** What this feature says. */
export const WORDS = {
  whoDidWhat: 'who did what',
  whoDidWhatToo: 'Who did what',
  people: 'people',
  fetchingOlderOnes: 'Fetching older ones',
  older: 'Older',
  nothingYet: 'Nothing yet',
  signInsCodesRoles: 'Sign-ins, codes, roles, overrulings and exports will stand here.',
} as const;
