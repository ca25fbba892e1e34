/** What this feature says. */
export const WORDS = {
  fireWatchByUntil: (by: string, when: string) => `Fire watch by ${by} until ${when}: it began with the flame going off.`,
  why: 'Why:',
  itFlowedAfter: (flowedAfterS: string) => `it flowed after ${flowedAfterS}`,
  howLongItStaysHot: 'How long it stays hot nobody can say here: by a thermometer.',
  workedOutForStillAir: '* worked out for still air: a thermometer knows better',
  howDoesItGo: 'How does it go in?',
  workedOut: '· worked out, not measured',
  oxygenInTheTube: 'oxygen in the tube',
  wentIn: (rod: string, after: string) => `${rod} of rod, flowed after ${after}`,
  oxygenReadAtTheWay: 'Oxygen read at the way out',
  anotherRod: 'Another rod, tip or flow',
  to: 'to',
  nothingChanges: 'Nothing changes.',
  otherwise: 'Otherwise',
  eachTapIsKeptUnder: 'Each tap is kept under its own time. What was tapped by mistake is struck out in the joint’s record.',
  trickleNow: 'Trickle now, sooner than planned: oxygen was read at the way out, or the tube was swept before.',
} as const;
