/** What this feature says. */
export const WORDS = {
  aNewerKestoIsHere: 'A newer Kesto is here. Nothing that you entered is lost by a reload.',
  reload: 'Reload',
} as const;
