import type { Access, NearKind, OutletKind, ProtectionKind, Side } from '@kesto/core';

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
  { value: 'port-core-in', label: 'port, core in' },
  { value: 'none', label: 'nothing open' },
];
export const KINDS: Options<NearKind> = [
  { value: 'valve', label: 'valve' },
  { value: 'expansion-valve', label: 'expansion valve' },
  { value: 'core', label: 'core' },
  { value: 'drier', label: 'drier' },
  { value: 'transducer', label: 'sensor' },
  { value: 'soft-solder-joint', label: 'soft solder' },
  { value: 'insulation', label: 'insulation' },
  { value: 'sprinkler', label: 'sprinkler' },
];
export const PROTECTIONS: Options<ProtectionKind> = [
  { value: 'none', label: 'bare' },
  { value: 'wet-cloth', label: 'wet cloth' },
  { value: 'putty', label: 'putty' },
  { value: 'paste', label: 'paste' },
  { value: 'removed', label: 'taken off' },
];
export const WAYS: Options<'male' | 'female'> = [
  { value: 'male', label: 'along the tube' },
  { value: 'female', label: 'past the cup' },
];
