import type { CircuitKind, CircuitTemplate } from '@kesto/core';

/** What a part of a circuit is called, in a list and beside its sign. */
export const CIRCUIT_KIND_WORDS: Readonly<Record<CircuitKind, string>> = {
  compressor: 'compressor',
  condenser: 'condenser coil',
  receiver: 'receiver',
  valve: 'shut-off valve',
  'check-valve': 'check valve',
  drier: 'drier',
  'sight-glass': 'sight glass',
  solenoid: 'solenoid valve',
  'expansion-valve': 'expansion valve',
  capillary: 'capillary',
  distributor: 'distributor',
  evaporator: 'evaporator coil',
  accumulator: 'accumulator',
  'reversing-valve': 'reversing valve',
  switch: 'pressure switch',
  transducer: 'transducer',
  port: 'port',
  tube: 'tube',
  fitting: 'fitting, tee',
  'relief-valve': 'relief valve',
  'fusible-plug': 'fusible plug',
  'vibration-absorber': 'vibration absorber',
  muffler: 'muffler',
  'oil-separator': 'oil separator',
  'heat-exchanger': 'heat exchanger',
  pump: 'pump',
  'filter-shell': 'filter shell',
};

export const CIRCUIT_TEMPLATE_WORDS: Readonly<Record<CircuitTemplate, string>> = {
  split: 'split',
  'heat-pump': 'heat pump, reversing valve',
  'heat-pump-two-valves': 'heat pump, a valve at each coil',
  'packaged-unit': 'packaged unit',
  'walk-in': 'walk-in with receiver',
  'capillary-unit': 'small, with capillary',
  'rooftop-circuit': 'rooftop, one of its circuits',
  'water-source': 'water-source heat pump',
  'long-line-set': 'long lines through a wall',
};
