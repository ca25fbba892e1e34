import { INSPECT_RULE, type Authority, type Caution, type CautionCode, type InspectCode } from '@kesto/core';

const HOMES: Readonly<Record<Authority, string>> = {
  code: 'local code',
  maker: 'maker’s sheet',
  licence: 'your licence',
  'safety-sheet': 'safety sheet',
  practice: 'trade practice, no rule book',
};

/** Where the rule has a name that helps to find it; the law of the place wins over each of these. */
const NAMED: Readonly<Partial<Record<CautionCode, string>>> = {
  'acetylene-pressure': 'local code on compressed gas; in the US OSHA 1910.253',
  'hot-work': 'local code on hot work and its permit; in the US OSHA 1910.252 and NFPA 51B',
  'oxygen-low': 'local code on closed rooms',
  flammable: 'your refrigerant licence; EN 378 or ASHRAE 15',
  'strength-short': 'piping code of the place',
  'shallow-cup': 'piping code of the place',
  'carbon-dioxide': 'maker’s tube and joint list',
  'zinc-fume': 'safety sheet of the filler',
  'flux-inside': 'maker’s sheet of the flux',
  'part-too-hot': 'sheet of the part’s maker',
  'part-water': 'sheet of the part’s maker',
  'plated-steel': 'sheet of the part’s maker',
};

export const cautionRuleText = ({ code, authority }: Pick<Caution, 'code' | 'authority'>): string => NAMED[code] ?? HOMES[authority];

export const inspectRuleText = (code: InspectCode): string => HOMES[INSPECT_RULE[code]];
