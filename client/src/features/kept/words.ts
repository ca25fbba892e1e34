/** What this feature says. */
export const WORDS = {
  howItGoes:
    'A tap is answered once it is safe on this device. From here it goes to the server in its order, each write once, as soon as there is a signal. One that is not taken holds up only what needs it.',
  others: (count: number) => `${count} of these ${count === 1 ? 'is' : 'are'} another person’s: never sent in your name.`,
  device: 'this device',
  server: 'the shop’s server',
} as const;
