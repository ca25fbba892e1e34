import type { Quantity } from '../unit/units';

export const OUTLET_KINDS = ['open-tube', 'port-core-out', 'port-core-in', 'none'] as const;
export type OutletKind = (typeof OUTLET_KINDS)[number];

export type SectionRequest = { readonly bore: Quantity; readonly length: Quantity } | { readonly volume: Quantity };

export interface PurgeRequest {
  readonly sections: readonly SectionRequest[];
  readonly flood?: Quantity;
  readonly targetO2Percent?: number;
  readonly minutes?: number;
  /** `depressor`: a hose that holds a core down, so that gas gets past it. */
  readonly outlet: { readonly kind: OutletKind; readonly depressor?: boolean };
  readonly cylinder?: { readonly waterVolume: Quantity; readonly pressure: Quantity };
  readonly room?: { readonly volume: Quantity };
  readonly ventilation?: Quantity;
  readonly testPressure?: Quantity;
  readonly breaks?: number;
  /** In which the gas of a pressure test is let out. */
  readonly ventMinutes?: number;
}

/** An outlet as people choose it: a core that is left in is one only where a hose holds it down. */
export const outletBy = (kind: OutletKind): PurgeRequest['outlet'] => (kind === 'port-core-in' ? { kind, depressor: true } : { kind });
