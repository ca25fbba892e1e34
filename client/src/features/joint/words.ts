/** What this feature says. */
export const WORDS = {
  entriesFromBeforeFormat3: 'Entries from before format 3 hold their words in themselves and cannot be erased.',
  yourWord: 'Your word on it',
  entry: (sequence: number, kind: string, remarks: string) =>
    `Entry ${sequence}, ${kind}: ${remarks}. It stands: accept the joint or send it back, or strike out what does not count.`,
  close: 'Close',
  putRight: 'Put right',
  eraseWords: 'Erase words',
  eraseWordsForGood: 'Erase words for good',
  onlyWhereSomebodyMay:
    'Only where somebody may ask for it: nobody can bring them back. The record says that they were erased, by whom and why. Names go from the whole record of this joint.',
  eraseThem: 'Erase them',
  ofWhichEntry: 'of which entry',
  what: 'what',
  accept: 'Accept',
  sendBack: 'Send back',
  keptOnThisDevice: 'kept on this device',
  insideWhatIsAllowed: 'inside what is allowed',
  outsideWhatIsAllowed: 'outside what is allowed',
  strikeOutEntry: (sequence: number) => `Strike out entry ${sequence}`,
  strikeItOut: 'Strike it out',
  entryAs: (isOpen: boolean, sequence: number, kind: string) => `${isOpen ? 'close' : 'put right'}: entry ${sequence}, ${kind}`,
} as const;
