import type { Access, Along, CircuitState, Fuel, NearKind, OutletKind, Position, ProtectionKind, Side, Wind } from '@kesto/core';

type Options<T> = readonly { readonly value: T; readonly label: string }[];

export const SIDES: Options<Side> = [
  { value: 'suction', label: 'suction' },
  { value: 'liquid', label: 'liquid' },
  { value: 'discharge', label: 'discharge' },
];
export const ACCESSES: Options<Access> = [
  { value: 'open', label: 'seen all round' },
  { value: 'tight', label: 'tight' },
  { value: 'bench', label: 'on the bench' },
];
export const OUTLETS: Options<OutletKind> = [
  { value: 'open-tube', label: 'open tube' },
  { value: 'port-core-out', label: 'port, core out' },
  { value: 'port-core-in', label: 'port, hose holds the core down' },
  { value: 'none', label: 'nothing open' },
];
export const KINDS: Options<NearKind> = [
  { value: 'valve', label: 'valve' },
  { value: 'expansion-valve', label: 'expansion valve' },
  { value: 'reversing-valve', label: 'reversing valve' },
  { value: 'solenoid', label: 'solenoid valve' },
  { value: 'check-valve', label: 'check valve' },
  { value: 'core', label: 'Schrader core' },
  { value: 'drier', label: 'drier' },
  { value: 'sight-glass', label: 'sight glass' },
  { value: 'compressor', label: 'compressor' },
  { value: 'relief-valve', label: 'relief valve' },
  { value: 'fusible-plug', label: 'fusible plug' },
  { value: 'vibration-absorber', label: 'vibration absorber' },
  { value: 'filter-shell', label: 'filter shell' },
  { value: 'oil-separator', label: 'oil separator' },
  { value: 'brazed-joint', label: 'brazed joint' },
  { value: 'soft-solder-joint', label: 'soft-solder joint' },
  { value: 'press-joint', label: 'press joint' },
  { value: 'coil', label: 'solenoid coil' },
  { value: 'power-head', label: 'power head, bulb' },
  { value: 'sensor', label: 'sensor' },
  { value: 'transducer', label: 'transducer' },
  { value: 'switch', label: 'pressure switch' },
  { value: 'insulation', label: 'insulation' },
  { value: 'grommet', label: 'grommet' },
  { value: 'wiring', label: 'wiring' },
  { value: 'circuit-board', label: 'circuit board' },
  { value: 'wood', label: 'wood' },
  { value: 'plastic-pipe', label: 'plastic pipe' },
  { value: 'painted-surface', label: 'paint or oil' },
  { value: 'sprinkler', label: 'sprinkler' },
  { value: 'detector', label: 'detector' },
];
/** The ones met every day stand first; the others after one more touch. */
export const EVERYDAY_KINDS = 9;
export const PROTECTIONS: Options<ProtectionKind> = [
  { value: 'none', label: 'bare' },
  { value: 'wet-cloth', label: 'wet cloth' },
  { value: 'putty', label: 'putty' },
  { value: 'paste', label: 'paste' },
  { value: 'removed', label: 'taken off' },
];
export const POSITIONS: Options<Position | ''> = [
  { value: '', label: 'not said' },
  { value: 'horizontal', label: 'level' },
  { value: 'down', label: 'tube from above' },
  { value: 'up', label: 'tube from below' },
  { value: 'overhead', label: 'overhead' },
];
export const CIRCUIT_STATES: Options<CircuitState | ''> = [
  { value: '', label: 'not said' },
  { value: 'charged', label: 'charged' },
  { value: 'recovered', label: 'recovered' },
  { value: 'evacuated', label: 'evacuated' },
  { value: 'new', label: 'new, never filled' },
];
export const WINDS_HERE: readonly { readonly value: Wind; readonly label: string }[] = [
  { value: 'calm', label: 'calm' },
  { value: 'breezy', label: 'breezy' },
  { value: 'windy', label: 'windy' },
];
export const OIL: Options<'yes' | 'no' | ''> = [
  { value: '', label: 'oil: not said' },
  { value: 'yes', label: 'oil inside' },
  { value: 'no', label: 'wiped dry' },
];
export const FUELS: Options<Fuel> = [
  { value: 'air-acetylene', label: 'air-acetylene' },
  { value: 'air-propane', label: 'air-propane' },
  { value: 'air-propylene', label: 'air-propylene' },
  { value: 'oxy-acetylene', label: 'oxy-acetylene' },
  { value: 'oxy-propane', label: 'oxy-propane' },
  { value: 'oxy-propylene', label: 'oxy-propylene' },
];
export const WAYS: Options<Along> = [
  { value: 'male', label: 'along the tube' },
  { value: 'female', label: 'past the cup' },
  { value: 'run', label: 'along the run' },
];
