import type { UnitKind } from '../../units/types';

/** What a machine is called, by what it looks like. */
export const UNIT_KIND_WORDS: Readonly<Record<UnitKind, string>> = {
  split: 'split',
  'heat-pump': 'heat pump',
  'cold-room': 'cold room',
  chamber: 'chamber',
  'packaged-unit': 'packaged',
  'rooftop-unit': 'rooftop',
  other: 'other',
};
