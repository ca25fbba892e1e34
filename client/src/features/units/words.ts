/** What is typed of a machine beside its plate. */
export const WORDS = {
  waterTable: 'Water side, by its maker’s table',
  waterTableSays: 'Flow by pressure drop, two lines or more: typed once, then a drop that is read says how much heat the water carries.',
  dropAt: (line: number) => `drop, line ${line}`,
  flowAt: (line: number) => `flow, line ${line}`,
  typeTable: 'Type the table',
  anotherLine: 'Another line',
  lineOff: 'Take the last line off',
  site: 'site',
  newSite: 'a new site',
  findSite: 'find a site',
  findSiteHint: (more: number) => `letters of its name: ${more} more stand there`,
} as const;
