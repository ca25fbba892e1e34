/** What this feature says of a hold. */
export const WORDS = {
  title: 'Where does it leak',
  close: 'close',
  more: 'more',
  onward: 'On to decide',
  found: 'Found: decide',
  noteComplaint: 'Note the complaint',
  keepsOpen: 'What keeps it open',
  checkNext: 'Check next place',
  check: (name: string) => `Check the ${name}`,
  complaint: 'Complaint',
  lost: 'What was lost',
  readings: 'Readings',
  theSection: 'the section',
  heldLeaking: (name: string, size: string) =>
    `Held and leaking: ${name}, about ${size}. Look there: soap it under a little nitrogen, and what bubbles is noted on the drawing.`,
  lookNext: 'Look next',
  allPlaces: (n: number) => `All ${n} places`,
  /** One tap: looked at with what was used last, and nothing there. */
  nothing: (method: string) => `${method.replace(/^./, (letter) => letter.toUpperCase())}: nothing`,
  nothingAt: (method: string, name: string) => `${method}, nothing: ${name}`,
} as const;
