import type { CircuitFacts, FlowRow, JointPlace, JointState, PlateRequest, Quantity, UnitKind } from '@kesto/core';
import { UNIT_KINDS } from '@kesto/core/vocabulary';

export interface SiteView {
  readonly id: string;
  readonly name: string;
  readonly altitudeM: number;
}

/** A page of the shop's sites, by name. */
export interface SitePage {
  readonly sites: readonly SiteView[];
  /** Where the next page begins; null at the end. */
  readonly next: string | null;
}

/** Before all: where the first page begins. */
export const SITES_START = 'first';

export interface PutSiteRequest {
  readonly name: string;
  readonly altitude: Quantity;
}

export { UNIT_KINDS, type UnitKind };

export interface UnitPlate {
  readonly id: string;
  readonly tag: string;
  readonly name: string;
  readonly kind: UnitKind;
}

/** Machines of one site, in their places. */
export interface UnitsOfSite {
  readonly site: string;
  readonly units: readonly UnitPlate[];
  /** Where those behind them begin; null at the end. */
  readonly next: string | null;
}

/** Of so many sites machines may be asked for at once. */
export const MOST_SITES = 50;

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
  /** Photos of the plate, by their hash. */
  readonly platePhotos?: readonly string[];
  /** The maker's table of its water side: flow by pressure drop. */
  readonly waterTable?: readonly FlowRow[];
}

export interface UnitView extends UnitPlate, UnitDetails {
  /** Tags of machines of one model. */
  readonly sisters: readonly string[];
  readonly site: SiteView;
  readonly circuits: readonly CircuitView[];
}

/** What somebody who changes a plate was shown: what the change is made from. */
export const unitContent = ({ sisters: _sisters, site, ...plate }: UnitView) => ({ ...plate, siteId: site.id });

/** A leak that was found on a unit, in any of its jobs. */
export interface UnitLeak {
  readonly circuitId: string;
  /** A part of the drawing, or a tube by the two it joins. */
  readonly place: string;
  readonly on: string;
  readonly jobId: string;
  readonly jobNumber: number;
  readonly gramsPerYear: number | null;
}

/** A joint of a unit, whichever job it was made in. */
export interface UnitJoint {
  readonly id: string;
  readonly circuitId: string;
  readonly tag: string;
  readonly title: string;
  readonly at: JointPlace | null;
  readonly state: JointState;
  /** Day of the last flame; null where none was lit. */
  readonly madeOn: string | null;
}

export interface UnitJob {
  readonly id: string;
  readonly circuitId: string;
  readonly number: number;
  readonly title: string;
  readonly done: boolean;
}

/** A page of the shop's units, in their places. */
export interface UnitPage {
  readonly units: readonly UnitView[];
  /** Where the next page begins; null at the end. */
  readonly next: string | null;
}

/** Before all: where the first page begins. */
export const UNITS_START = 'first';

/** What was found on a unit and what was made of it, the newest first. */
export interface UnitHistory {
  readonly leaks: readonly UnitLeak[];
  readonly joints: readonly UnitJoint[];
  readonly jobs: readonly UnitJob[];
}

/** What a machine of the same model holds: what a charge of this one is compared with. */
export interface SisterCharge {
  readonly tag: string;
  readonly refrigerant: string;
  /** By its plate [kg]; null where nobody read one. */
  readonly plateKg: number | null;
  /** What was weighed into it last; null where no charge was kept here. */
  readonly last: { readonly kg: number; readonly at: string; readonly jobNumber: number } | null;
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
