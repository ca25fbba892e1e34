import type { CircuitView, UnitDetails, UnitKind } from '@kesto/contract';

export interface Site {
  readonly id: string;
  readonly name: string;
  readonly altitudeM: number;
}

export interface SiteRepository {
  /** By name; behind the one that was shown last. */
  page(behind: Site | null, most: number): Promise<readonly Site[]>;
  byId(id: string): Promise<Site | null>;
  byIds(ids: readonly string[]): Promise<readonly Site[]>;
  /** Adds the site, or puts right what is said of it. */
  save(site: Site): Promise<void>;
}

export interface Unit {
  readonly id: string;
  readonly siteId: string;
  readonly tag: string;
  readonly name: string;
  readonly kind: UnitKind;
  /** Where it stands among the shop's units. */
  readonly place: number;
  readonly details: UnitDetails;
}

/** Where a page begins: behind the unit that was shown last. */
export interface BehindUnit {
  readonly place: number;
  readonly id: string;
}

export interface UnitRepository {
  /** In their places. */
  page(behind: BehindUnit | null, most: number): Promise<readonly Unit[]>;
  /** Of each of these sites the first in their places, or those behind one that was shown last. */
  ofSites(siteIds: readonly string[], behind: BehindUnit | null, most: number): Promise<readonly Unit[]>;
  /** Of each of these models the first in their places. */
  ofModels(models: readonly string[], most: number): Promise<readonly Unit[]>;
  byId(id: string): Promise<Unit | null>;
  byTag(tag: string): Promise<Unit | null>;
  count(): Promise<number>;
  /** Holds the unit until the transaction ends: two joints added at once get two tags. */
  lock(id: string): Promise<Unit | null>;
  save(unit: Unit): Promise<void>;
}

export interface Circuit {
  readonly id: string;
  readonly unitId: string;
  readonly details: Omit<CircuitView, 'id'>;
}

export interface CircuitRepository {
  byId(id: string): Promise<Circuit | null>;
  byIds(ids: readonly string[]): Promise<readonly Circuit[]>;
  ofUnits(unitIds: readonly string[]): Promise<readonly Circuit[]>;
  /** Whether a joint sits on any of them. */
  haveJoints(ids: readonly string[]): Promise<boolean>;
  save(circuit: Circuit): Promise<void>;
}
