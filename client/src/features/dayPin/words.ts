/** All this feature says. */
export const WORDS = {
  set: 'Set a PIN for today',
  setHow:
    'With a PIN a gate can be overruled on this phone without a signal, until midnight. A lead or an admin signs in here for it and thinks of six figures; nobody else learns them. They see each use of it.',
  setting: 'Setting it',
  leadsName: 'lead’s name',
  leadsPassword: 'lead’s password',
  pin: 'PIN, six figures',
  again: 'the same again',
  notSame: 'These are not the same six figures.',
  notSix: 'A PIN is six figures.',
  easy: 'Anybody would try these first: take others.',
  needsSignal: 'A PIN is set while there is a signal: there is none.',
  needsTls: 'This page came without TLS: the browser keeps no key for it, so that no PIN can be set here.',
  holds: (lead: string) => `${lead}’s PIN is good on this phone until midnight.`,
  takeAway: 'Take the PIN off this phone',
  byPin: 'Whoever set the PIN for today types it here; the entry is theirs, says that it was the PIN, and is shown to them.',
  why: 'why',
  overrule: 'Overrule it by PIN',
  overruling: 'Overruling',
  wrong: (left: number) => (left === 1 ? 'That is not the PIN. One more try.' : `That is not the PIN. ${left} more tries.`),
  gone: 'That was not the PIN, five times: it is gone from this phone. A lead sets it anew.',
} as const;
