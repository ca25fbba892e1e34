/** All this feature says. */
export const WORDS = {
  codeSays: 'Typed at the instrument within five minutes; it works once.',
  disagrees: (count: number) => `${count} came again with other values: the first stand, and it is kept as a disagreement`,
  dropsOut: 'It falls silent now and then',
  instruments: 'Instruments',
  join: 'Let an instrument join',
  makeCode: 'Make a code for it',
  samples: (count: number) => `${count} samples are safe`,
  silent: (count: number) => `silent; ${count} samples are safe. What it keeps meanwhile comes later.`,
  speed: 'how fast its clock runs',
  standIn: (name: string, factor: number) => `${name}, its clock ${factor} times as fast`,
  startStandIn: 'Start the stand-in',
};
