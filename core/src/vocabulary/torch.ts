import type { Quantity } from '../unit/units';

export const FUELS = ['air-propane', 'air-propylene', 'air-acetylene', 'oxy-acetylene', 'oxy-propane', 'oxy-propylene'] as const;
export type Fuel = (typeof FUELS)[number];

export const ROD_NAMES = ['round-1/16', 'round-3/32', 'round-1/8', 'flat-0.050x1/8'] as const;
export type RodName = (typeof ROD_NAMES)[number];
export type Rod = RodName | { readonly diameter: Quantity } | { readonly width: Quantity; readonly thickness: Quantity };
