/** What this feature says of an order. */
export const WORDS = {
  title: 'In which order',
  subtitle: (joints: number, changes: number | null) =>
    `${joints} joints${changes === null ? '' : `, rig changed ${changes} ${changes === 1 ? 'time' : 'times'}`}`,
  close: 'close',
  kit: 'kit',
  leaveSearch: 'Leave the search',
  keep: 'Keep this order',
  keepAllTheSame: 'Keep it all the same',
  kept: 'Kept: to the joints',
  keptBy: (by: string, at: string, reason: string | null | undefined) => `Kept by ${by}, ${at}${reason ? `: ${reason}` : ''}`,
  goesIn: 'gas goes in at',
  inAt: (port: string) => `in: ${port}`,
  find: 'Find the best order',
  searching: 'searching the order',
  itBreaksARule: 'It breaks a rule',
  keptWithWhoChanged: 'Kept with who changed it and why; whoever makes the joints sees it.',
} as const;
