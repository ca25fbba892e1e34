/** What this feature says of what bends a job. */
export const WORDS = {
  bends: 'What bends this job',
  bendsOpen: (count: number) => (count === 1 ? 'What bends this job asks one more point' : `What bends this job asks ${count} points`),
  answerBends: 'Answer what bends it',
  keptOfThisStage: 'Kept of this stage',
  struckOut: (by: string, kind: string, fact: string, why: string) => `struck out by ${by}: ${kind} ${fact}. ${why}`,
  putRight: (name: string, when: string, why: string) => `put right by ${name}, ${when}: ${why}`,
  aLeadOrAnAdmin: 'A lead or an admin overrules it by name and with the reason. They sign in here for this alone; you stay signed in.',
  nobodyOverrulesThis: 'Nobody overrules this: it can be made true.',
  thisStageProtectsPeople: 'This stage protects people: only a lead or an admin skips it, signed in on this device.',
} as const;
