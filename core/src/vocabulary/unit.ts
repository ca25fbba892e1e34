/** What a machine looks like from outside. */
export const UNIT_KINDS = ['split', 'heat-pump', 'cold-room', 'chamber', 'packaged-unit', 'rooftop-unit', 'other'] as const;
export type UnitKind = (typeof UNIT_KINDS)[number];

/** Evaporating temperature that such a machine usually comes down to [°C]; to be read on the plate. Judgement, from usual room temperatures. */
export const USUAL_COLDEST_C: Readonly<Record<UnitKind, number | null>> = {
  split: 2,
  'heat-pump': -15,
  'cold-room': -25,
  chamber: -10,
  'packaged-unit': 2,
  'rooftop-unit': 2,
  other: null,
};
