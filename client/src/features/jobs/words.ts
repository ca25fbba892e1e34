/** What this feature says of a job, and of joints that are proposed. */
export const WORDS = {
  planNext: (title: string) => `Plan ${title}`,
  note: (stage: string) => `Note: ${stage}`,
  plate: (high: string, low: string) => `high side ${high}, low side ${low} on the plate`,
  printPlans: 'Print the plans',
  practice: 'Practice on this job',
  order: 'order to braze',
  noJoint: 'no joint yet',
  toPlan: (count: number) => `${count} to plan`,
  allPlanned: 'all planned',
  inWhichOrder: 'In which order',
  keptOrder: 'The order that was kept',
  kit: 'The kit',
  keptKit: 'The kit that was kept',
  beforeClosed: 'Before you close it',
  /** As the joint that was planned last: its torch, gas, protection; sizes are the new one's own. */
  asLast: (tag: string) => `As ${tag}`,
  asLastAt: (title: string, tag: string) => `plan ${title}, as ${tag}`,
} as const;
