import type { SealState } from '@kesto/contract';

export const WORDS = {
  tag: 'signed',
  title: 'What is signed here',
  seal: 'The shop’s seal',
  what: 'the shop’s seal',
  help: 'Once a minute the shop’s key signs where every record stands. A copy that somebody holds from before shows whether one was cut short or made anew since.',
  states: {
    sealing: 'This server signs.',
    'key-missing': 'The key that signed so far is not on this server: nothing is sealed. Entries are taken all the same.',
    'restored-copy': 'These records were put back from a backup. Until an admin says that this is the server now, it signs nothing.',
  } satisfies Record<SealState, string>,
  newest: (size: number, when: string) => `${size} leaves, signed ${when}`,
  none: 'Nothing is sealed yet.',
  grown: 'Something was noted since, and is sealed within a minute.',
  compare: 'The key in eight words, to read out to whoever holds a copy:',
  keep: 'Keep a tree head',
  keepHelp: 'A small file to put away: later copies are held against it.',
  server: 'This is the server now',
  changed: 'Sign by a new key',
  lost: 'The key was lost',
  stolen: 'The key was stolen',
  keyHelp: 'A new key is told on every copy from now on; one that replaces a lost or stolen one is said not to be handed over.',
  restored:
    'The shop’s records were put back from a backup since this device was here last: what was noted between the two is not in them.',
  broken: (then: number, now: number) =>
    `The shop’s records are not those this device saw: the tree of ${then} leaves it kept is not the beginning of the one of ${now}. Somebody may have made records anew: tell an admin, and keep your copies.`,
  you: 'you',
} as const;
