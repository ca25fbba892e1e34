import type { CautionCode } from './cautions';
import type { InspectCode } from './inspect';

/** Where the full rule behind a short sentence stands: a code of the place, the maker's sheet, the person's licence; else no more than practice. */
export type RuleHome = 'code' | 'maker' | 'licence' | 'practice';

/** For every caution, who has the last word on it. */
export const CAUTION_RULE: Readonly<Record<CautionCode, RuleHome>> = {
  'no-filler': 'maker',
  'soft-solder': 'practice',
  galvanised: 'maker',
  'plated-steel': 'maker',
  'phosphorus-residue': 'maker',
  'cut-off-phosphorus': 'practice',
  'old-filler-unknown': 'practice',
  'makers-filler-list': 'maker',
  'carbon-dioxide': 'maker',
  'flammable-refrigerant': 'licence',
  'aluminium-no-colour': 'practice',
  'zinc-fume': 'maker',
  'flux-inside': 'maker',
  'high-temperature-flux': 'maker',
  'flux-range': 'maker',
  'gap-reject': 'maker',
  'gap-loose': 'maker',
  'gap-tight': 'maker',
  'gap-closes': 'practice',
  'expansion-assumed': 'practice',
  'shallow-cup': 'code',
  'assumed-figures': 'practice',
  'strength-short': 'code',
  'strength-unknown': 'code',
  'max-temp-assumed': 'code',
  'acetylene-pressure': 'code',
  'cannot-reach': 'maker',
  'under-torched': 'practice',
  'over-torched': 'practice',
  'two-torches': 'practice',
  'torch-assumed': 'maker',
  reflow: 'practice',
  'part-too-hot': 'maker',
  'part-water': 'maker',
  'flame-near': 'code',
  'no-purge': 'code',
  'core-in': 'practice',
  'joint-pressure-high': 'practice',
  'joint-pressure-above-aim': 'practice',
  'trickle-unknown': 'practice',
  'cylinder-low': 'practice',
  'cylinder-short': 'practice',
  'oxygen-low': 'code',
};

/** For every point the eye looks at, who says what passes. */
export const INSPECT_RULE: Readonly<Record<InspectCode, RuleHome>> = {
  'fillet-all-round': 'code',
  'no-crack-or-pinhole': 'code',
  'insertion-mark': 'practice',
  'flux-washed': 'maker',
  'interface-on-steel': 'code',
  'bore-clear': 'practice',
  'not-overheated': 'code',
  'loose-gap-fill': 'code',
  'refit-removed': 'maker',
};
