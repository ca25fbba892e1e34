export const WORDS = {
  isNow: 'The label is of this record as it stands now.',
  wentOn: (then: number, now: number) =>
    `As of entry ${then} of ${now}: the label’s head is in the chain, and ${now - then === 1 ? 'one entry follows' : `${now - then} entries follow`} it.`,
  isOther: 'The label’s head is not in this record: entries were taken away, or the record was made anew.',
  otherTag: (tag: string) => `The label is of ${tag}, which is not this joint.`,
  asking: 'Asking whether a shop here knows this label.',
  known: (tag: string) => `A shop here knows what this label of ${tag} says. Sign in to see the record.`,
  unknown: (tag: string) => `No shop here knows what this label of ${tag} says.`,
} as const;
