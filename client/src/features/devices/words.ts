export const WORDS = {
  title: 'Devices that sign',
  help: 'Each keeps a key that never leaves it. What is tapped there is signed there: nobody who holds the server can say it in its place.',
  none: 'No device signs yet',
  noneText:
    'This browser keeps no key: it came without TLS, or has no place for one. Entries made here are not signed, and the record says so.',
  this: 'this device',
  since: (when: string) => `since ${when}`,
  ended: (when: string) => `ended ${when}`,
  vouchedBy: (names: readonly string[]) => `${names.join(', ')} vouched for it`,
  byNobody: 'nobody has vouched for it yet',
  vouch: 'Vouch for it',
  vouchHelp: 'Compare the words with those on that device first, by telephone or side by side.',
  end: 'It is lost',
  givenAway: 'It is somebody else’s now',
  noKey: 'This device has no key to vouch with.',
  what: 'devices that sign',
} as const;
