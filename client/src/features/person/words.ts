/** What this feature says. */
export const WORDS = {
  changed: 'Changed. Your other sign-ins have ended.',
  whereYouAreSigned: 'Where you are signed in',
  since: (when: string) => `since ${when}`,
  unitsYouRead: 'Units you read in',
  light: 'Light',
  atTheTorch: 'At the torch',
  brazingApprovals: 'Brazing approvals',
  signOutOnThisDevice: 'Sign out on this device? What is only here stays here, and goes over when you sign in again.',
} as const;
