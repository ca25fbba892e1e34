/** What this feature says. */
export const WORDS = {
  whatShowsThatItHolds: 'What shows that it holds',
  aJointThatIs: (method: string) => `a joint that is ready: ${method}`,
  markAtTheEdge: 'mark at the edge',
  witnessOfTheJaw: 'witness of the jaw',
  oilOnItsBack: 'oil on its back',
  atLeast3Its: 'at least 3 × its outside',
  job: (number: number) => `job ${number}`,
  toLookToFirst: (left: number) => `${left} to look to first`,
  howItIsJoined: 'how it is joined',
} as const;
