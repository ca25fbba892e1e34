/** The shop's answers where practitioners differ, by id. */
export const SCHOOLS = {
  heatProtection: ['wet-cloth', 'putty', 'paste', 'dismantle'],
  houseRod: ['silver-15', 'silver-5', 'silver-free'],
  testPressure: ['data-plate', 'by-refrigerant', 'low-and-long'],
  holdTime: ['fixed', 'until-seen'],
  vacuum: ['single-deep', 'triple'],
  riseLimit: ['500-in-10', 'flattens-1000'],
  drier: ['always', 'when-opened'],
  removingAJoint: ['cut', 'unbraze'],
  crackedLine: ['new-section', 'braze-over'],
  finish: ['small-fillet', 'cap'],
  cooling: ['still-air', 'wet-cloth'],
  charge: ['weigh', 'trim', 'sight-glass'],
  strengthCode: ['asme', 'en', 'maker'],
  joining: ['braze', 'press', 'flare', 'bend'],
  secondLook: ['by-refrigerant', 'always'],
} as const;
export type SchoolQuestion = keyof typeof SCHOOLS;
export type Schools = { readonly [Q in SchoolQuestion]?: (typeof SCHOOLS)[Q][number] };
