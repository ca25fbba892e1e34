/** What this feature says. */
export const WORDS = {
  intoWhichJob: 'Into which job',
  mendTheField: 'Mend the field that is marked and the answer comes back.',
} as const;
