/** What is often said of a point, in one tap. */
export const USUAL = {
  key: (name: string) => `${name}, own lock`,
  told: ['everybody here, until it is done', 'whoever runs the building'],
  watch: (name: string) => [`${name}, 60 min`, `${name}, 30 min`],
  covered: ['wet cloth below and behind', 'board and tray, wet cloth'],
  open: ['through the ports, cores out', 'through the cut line'],
} as const;
