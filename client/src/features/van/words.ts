/** What this feature says. */
export const WORDS = {
  wraps: 'Wraps',
  torch: 'Torch',
  nitrogen: 'Nitrogen',
  acetyleneCylinder: 'acetylene cylinder: what it holds when full',
  rods: 'Rods',
  containsCadmium: 'Contains cadmium: its fume can kill. Take it off the van.',
} as const;
