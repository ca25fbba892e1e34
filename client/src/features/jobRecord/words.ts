/** What this feature says. */
export const WORDS = {
  everyPart: 'Every part, link, drawing and photo was checked on this screen, and the job’s own record names its joints.',
  endsIn: (name: string, entries: number, which: string) => `${name}: ${entries} ${which}, ends in`,
  theJobsRecord: 'The job’s record',
  whatWasNoted:
    'What was noted of it, every joint’s chain, the drawings and the photos, in one file that can be checked without this server.',
  checking: 'Checking',
  checkTheWholeJob: 'Check the whole job',
  materialsForTheBill: 'Materials for the bill (CSV)',
  giveACopyOf: 'Give a copy of the job',
} as const;
