/** What keeps the kit. */
export const WORDS = {
  kept: 'Kept: to the job',
  keep: (missing: number) => (missing === 0 ? 'All of it is laid out' : `Keep: ${missing} not laid out`),
  /** Nothing is ticked yet: in one tap what the van's count has enough of. */
  keepOnVan: (count: number) => `Laid out: ${count} from the van`,
  about: 'about',
  forJoints: (count: number) => `for ${count} ${count === 1 ? 'joint' : 'joints'}: by hand, flooding, at the flame, cooling`,
  keptBy: (by: string, when: string, count: string) => `Kept by ${by}, ${when}: ${count}`,
  theKit: 'The kit',
  job: (number: number, count: string) => `job ${number}, ${count}`,
  plansAndVan: 'plans and van',
  nothingToTakeAlong: 'Nothing to take along',
  onceAJointIs: 'Once a joint is planned, its rods, flux, gas and protection stand here against the van.',
  tickWhatIsOn: 'Tick what is on the van',
  saveAsATable: 'Save as a table (CSV)',
  notPlannedYet: (count: number) =>
    `${count} of the joints ${count === 1 ? 'is' : 'are'} not planned yet: what they need is not in the list.`,
} as const;
