/** What is often said of a point, in one tap. */
export const USUAL = {
  key: (name: string) => `${name}, own lock`,
  told: ['everybody here, until it is done', 'whoever runs the building'],
  watch: (name: string) => [`${name}, 60 min`, `${name}, 30 min`],
  covered: ['wet cloth below and behind', 'board and tray, wet cloth'],
  open: ['through the ports, cores out', 'through the cut line'],
} as const;

const things = (open: number) => (open === 1 ? 'thing is' : 'things are');

export const WORDS = {
  title: 'Make safe',
  close: 'close',
  more: 'more',
  onward: 'On to the joints',
  isSafe: 'Safe: plan the joints',
  skipSays: 'Where nothing is lit and nothing is opened: joints pressed or flared.',
  notYet: 'Not yet',
  mayOpen: 'It may be opened, no flame',
  readAgain: 'The torch may be lit once it is read again',
  mayLight: 'The torch may be lit',
  openedAgain: 'opened again',
  allAnswered: 'everything on the list is answered or overruled by name',
  openBefore: (open: number, flame: boolean) =>
    `${open} ${things(open)} open before ${flame ? 'the torch may be lit' : 'it may be opened'}`,
  stillOpen: (open: number) => `what locks it is answered; ${open} ${things(open)} still open on the list`,
  whoOverrules: 'Overrule a point: a lead, by name, with the reason; zero and open, and the air, nobody. Local hot-work rules come first.',
  refrigerantOut: 'Refrigerant out',
  whatIsInItNow: 'what is in it now',
  forACylinderStamped: (refrigerant: string, least: string) =>
    `For ${refrigerant} a cylinder stamped for ${least} or more, tested in date.`,
  ofMayStillGo: (leftKg: string, refrigerant: string) => `${leftKg} of ${refrigerant} may still go in: 80 % at 25 °C.`,
  fireWatch: (by: string, when: string, job: number) => `fire watch by ${by}, until ${when}, job ${job}`,
  beforeItsEndOnly: 'Before its end only a lead or an admin ends it.',
  aLeadOrAnAdmin: 'A lead or an admin looks into it.',
} as const;
