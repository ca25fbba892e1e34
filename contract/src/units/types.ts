import type { CircuitFacts, PlateRequest, Quantity } from '@kesto/core';

export interface SiteView {
  readonly id: string;
  readonly name: string;
  readonly altitudeM: number;
}

export interface PutSiteRequest {
  readonly name: string;
  readonly altitude: Quantity;
}

/** What a machine looks like from outside; its words are made in `wording`. */
export const UNIT_KINDS = ['split', 'heat-pump', 'cold-room', 'chamber', 'packaged-unit', 'rooftop-unit', 'other'] as const;
export type UnitKind = (typeof UNIT_KINDS)[number];

export interface UnitPlate {
  readonly id: string;
  readonly tag: string;
  readonly name: string;
  readonly kind: UnitKind;
}

export interface CircuitView extends CircuitFacts {
  readonly id: string;
  readonly name: string;
}

/** What the nameplate says of the machine beside its circuits; days as 2027-03-31. */
export interface UnitDetails {
  readonly model?: string;
  readonly serial?: string;
  readonly installedOn?: string;
  readonly warrantyUntil?: string;
  readonly registeredOn?: string;
}

export interface UnitView extends UnitPlate, UnitDetails {
  /** Tags of machines of one model. */
  readonly sisters: readonly string[];
  readonly site: SiteView;
  readonly circuits: readonly CircuitView[];
}

export interface PutCircuitRequest extends PlateRequest {
  readonly id: string;
  readonly name: string;
}

export interface PutUnitRequest extends UnitDetails {
  readonly siteId: string;
  readonly tag: string;
  readonly name: string;
  readonly kind: UnitKind;
  readonly circuits: readonly PutCircuitRequest[];
}
