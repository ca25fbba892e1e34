/** What this feature says of the way the work is got at. */
export const WORDS = {
  title: 'How do we isolate it',
  titleOf: (parts: string) => `How do we isolate the ${parts}`,
  shortTitleOf: (parts: string) => `Isolate the ${parts}`,
  close: 'close',
  more: 'more',
  onward: 'On to make safe',
  decided: 'Decided: make safe',
  getApproval: 'Get approval',
  howJoined: 'No flame: how it is joined',
  keepsOpen: 'What keeps it open',
  skipSays: 'Where nothing of the charge is opened, or it was decided elsewhere.',
  toTakeOut: 'to take out',
  cuffs: 'Advice: local code, the maker’s sheet and your licence win.',
  keepWay: 'Keep this way',
  keepYes: 'Keep the yes',
  keepYesAndGo: 'Keep the yes: make safe',
  keepNewWay: 'Keep the new way',
  /** Another way than the advised one, or another weight to take out. */
  otherWay: 'Another way, or another weight',
} as const;
