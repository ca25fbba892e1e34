/** What this feature says. */
export const WORDS = {
  fillerThatWent: 'Filler that went in',
  whatIsKeptCannotBe: 'What is kept cannot be changed: a correction is a new entry that says why.',
  howItWasMade: 'How it was made',
  filledInFromThe: 'filled in from the plan: change what differed',
  joint: 'joint',
  keeping: 'Keeping',
  theTorchIsLocked: 'The torch is locked',
  itIsBrazed: 'It is brazed',
  notPlannedYet: 'Not planned yet',
  planTheJointFirst: 'Plan the joint first: its record begins with the plan.',
  fillerThatWentIn: 'filler that went in',
  whyAnotherFillerThan: 'why another filler than planned',
  protection: 'protection',
  note: 'note',
} as const;
