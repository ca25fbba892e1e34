export const WORDS = {
  title: 'Check a record',
  lead: 'A joint’s record or a whole job’s file, checked on this machine. Nothing is sent anywhere: this page has no network, and works from your disk.',
  file: 'The record (.json) or the job’s file (.zip)',
  older: 'What you kept from before: a copy or a tree head (may stay empty)',
  noted: 'A hash from paper, or what a label’s code says (may stay empty)',
  none: 'Choose a file.',
  cannotBeChecked: (why: string) => `This file cannot be checked: ${why}`,
  unbroken: (name: string, entries: number) => `${name}: ${entries === 1 ? 'one entry' : `${entries} entries`}, unbroken`,
  broken: (place: string) => `Broken${place}`,
  entry: (entry: number) => ` at entry ${entry}`,
  endsIn: 'ends in',
  notSealed: 'No shop has sealed this file: it hangs together, and nothing shows whose it is. Compare count and end with a printed copy.',
  notedHash: (after: number) =>
    after === 0
      ? 'The hash you noted is the last one: nothing was added since, nothing taken away.'
      : `The hash you noted is in the chain, ${after === 1 ? 'one entry follows' : `${after} entries follow`} it.`,
  finding: (entry: number, text: string) => `entry ${entry}: ${text}`,
  keyWords: 'Is the key theirs? Read these words out to them by telephone:',
} as const;
