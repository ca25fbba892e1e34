/** What this feature says. */
export const WORDS = {
  scanItWithThePhone: 'Scan it with the phone that is to come in, or open the address there, or choose “I have a code”.',
  goodOnce: 'Good once, for seven days. It is shown only now: whoever has it, comes in by it.',
  byAOneTimeCode: (name: string) => `By a one-time code ${name} chooses a new password; the old sign-ins end.`,
  approvals: 'Approvals',
  roleAndLeavingNeed:
    'Role and leaving need the server. Whoever left is signed out everywhere at once, and the codes they gave end. What they recorded stays, under their name.',
  askedIn: 'Asked in, not come yet',
  leftTheShop: 'Left the shop',
  codeGoodUntil: (which: string, when: string) => `${which}, code good until ${when}`,
} as const;
