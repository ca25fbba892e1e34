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
  holdASection: 'Hold a section',
  nitrogenOnly: (limit: string) =>
    `Nitrogen only, by a regulator with its relief set. The low side’s limit is ${limit}: go up in steps, soap at each.`,
  itSaysHowLarge: 'It says how large a leak is looked for, and when enough was found.',
  lookedWith: 'looked with',
  sees: (method: string) => `sees ${method}`,
  itShows: 'it shows',
  signsSeenHere: 'signs seen here, one or more',
  readingsBeforeAnythingIsTouched: 'Readings before anything is touched',
  whatWasLost: 'What was lost is not said yet',
  inDays: (lostKg: string, days: number) => `${lostKg} in ${days} days`,
  placesChecked: 'Places checked',
  noneYet: 'None yet. Tap the drawing where you look; what shows nothing is kept as well, so that nobody looks there twice.',
  putTheMeasuredOnes: (counted: string) => `${counted}; put the measured ones on the drawing.`,
  leavesOut: ({ letter, missing, likely, sees }: Readonly<Record<'letter' | 'missing' | 'likely' | 'sees', string>>, counted: string) =>
    `${letter} leaves out ${missing}: likely ${likely} L *${sees}.${counted}`,
  sectionsAreNotWorkedOut: (lowSideDesignGaugePa: string) =>
    `Sections are not worked out: the low side’s ${lowSideDesignGaugePa} lies beyond the table of nitrogen here.`,
  howSmallALeakEach: (minutes: number, lowSideDesignGaugePa: string) =>
    `how small a leak each hold can see in ${minutes} min at ${lowSideDesignGaugePa}`,
  aYear: (refrigerant: string) => `a year, of ${refrigerant}`,
} as const;
