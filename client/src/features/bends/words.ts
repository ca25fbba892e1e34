/** All this feature says beside the bends' own words. */
export const WORDS = {
  title: 'What bends this job',
  help: 'Each brings points of its own: they are asked before the stage that needs them, and named to whoever signs.',
  none: 'Nothing bends it: the eleven stages as they are.',
  add: 'It is also',
  left: (open: number, all: number) => (open === 0 ? 'all answered' : `${open} of ${all} open`),
  keep: 'Keep it',
  onward: (stage: string) => `Answered: on with ${stage}`,
  before: (stage: string) => `before ${stage} is done`,
  done: 'done',
  noneHere: 'none here',
  leave: 'Not so after all',
  leaveWhy: 'why it is not',
  note: 'what was seen',
  reads: 'gauge reads',
  drop: 'it dropped by',
  result: 'it shows',
  rose: (by: string) =>
    `The other circuit’s gauge rose by ${by}: the exchanger leaks inside, or a valve between them. No hold here is tight before that is known.`,
  key: (count: number) => (count === 0 ? 'Does anything bend it?' : 'What bends it'),
} as const;
