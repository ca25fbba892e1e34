/** What this feature says. */
export const WORDS = {
  highUpTheAir:
    'High up the air is thinner: a gauge reads from there, and a vacuum is less deep than it looks. Plans that were kept stay as they are.',
  aboveTheSea: (altitudeM: string) => `${altitudeM} above the sea`,
  keepItSo: 'Keep it so',
  keepTheSite: 'Keep the site',
  putRight: 'Put right',
  putRightOf: (name: string) => `put ${name} right`,
  aMachine: '+ a machine',
  aMachineAt: (name: string) => `a machine at ${name}`,
  theSites: 'the sites',
  whereTheMachinesStand: 'Where the machines stand',
  eachWithHowHigh: 'each with how high it lies',
  today: 'today',
  close: 'close',
  findSite: 'find a site',
  noneFound: 'No site of that name',
  byLetters: 'Letters of its name find it; without them all stand here.',
  noSiteYet: 'No site yet',
  aNameAndIts: 'A name and its height are enough; machines are added to it from their plates.',
} as const;
