/** What this feature says. */
export const WORDS = {
  howItGoes:
    'A tap is answered once it is safe on this device. From here it goes to the server in its order, each write once, as soon as there is a signal. One that is not taken holds up only what needs it.',
  others: (count: number) => `${count} of these ${count === 1 ? 'is' : 'are'} another person’s: never sent in your name.`,
  device: 'this device',
  server: 'the shop’s server',
  yours: (mine: string) => `yours: ${mine}`,
  stands: (theirs: string) => `stands: ${theirs}`,
  keepItSo: 'Keep it so',
  sendItAgain: 'Send it again',
  copied: 'Copied',
  copyIt: 'Copy it',
  yesItIsNot: 'Yes, it is not needed',
  onlyOnThisDevice: 'Only on this device',
  nothingTheServerHas: 'nothing: the server has it all',
  itIsSentBy: 'it is sent by itself, in the order it was made',
  today: 'today',
  sendNow: 'Send now',
  allStored: 'All stored',
  whatYouKeepWithout: 'What you keep without a signal stands here until the server has it.',
  keptHere: 'kept here',
  takeOverWhatHad: (name: string, count: number) => `Take over what ${name} had kept (${count})`,
} as const;
