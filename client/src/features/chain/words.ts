/** What the check of a record says, beside what is said of breaks and findings. */
export const WORDS = {
  signed: 'signed by its device',
  notSealed: 'No shop has sealed this file: it hangs together, and nothing shows whose it is. Compare count and end with a printed copy.',
  heldWithoutSeal: 'No shop has sealed this file. It goes on from what you kept, and nothing more is shown.',
  sealedBy: (shop: string) => `sealed by ${shop}`,
  heldBy: (when: string) => `By its own clock ${when}. Whoever holds its key held this record, at the latest when you got it.`,
  byDevices: (count: number) =>
    count === 1 ? 'One entry is signed by the device it was tapped on.' : `${count} entries are signed by the devices they were tapped on.`,
  continued: 'What you kept from before is the beginning of it: nothing was taken away or put in since.',
  compare: 'Is the key theirs? Read these words out to them by telephone.',
  entry: (entry: number, what: string) => `entry ${entry}: ${what}`,
  everyEntrysHash: (which: string) =>
    `Every entry’s hash, every link to the one before and every photo were checked on this screen${which}.`,
  entries: 'entries',
} as const;
