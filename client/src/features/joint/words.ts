/** What this feature says. */
export const WORDS = {
  entriesFromBeforeFormat3: 'Entries from before format 3 hold their words in themselves and cannot be erased.',
  yourWord: 'Your word on it',
  entry: (sequence: number, kind: string, remarks: string) =>
    `Entry ${sequence}, ${kind}: ${remarks}. It stands: accept the joint or send it back, or strike out what does not count.`,
} as const;
