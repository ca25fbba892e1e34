import type { CircuitView, SiteView, UnitPlate } from '@kesto/contract';
import { In } from 'typeorm';
import { Circuits, Joints, Sites, Units, type CircuitRow, type SiteRow, type UnitRow } from '../../platform/db/rows';
import type { ShopWork } from '../../platform/db/shop';

export const allSites = ({ shopId, manager }: ShopWork): Promise<SiteRow[]> =>
  manager.find(Sites, { where: { shop_id: shopId }, order: { name: 'ASC' } });
export const siteById = ({ shopId, manager }: ShopWork, id: string): Promise<SiteRow | null> =>
  manager.findOneBy(Sites, { shop_id: shopId, id });
export const sitesByIds = ({ shopId, manager }: ShopWork, ids: readonly string[]): Promise<SiteRow[]> =>
  manager.findBy(Sites, { shop_id: shopId, id: In([...ids]) });

/** Adds the site, or puts right what is said of it. */
export async function saveSite({ shopId, manager }: ShopWork, site: Omit<SiteRow, 'shop_id'>): Promise<void> {
  await manager.upsert(Sites, { ...site, shop_id: shopId }, ['shop_id', 'id']);
}

export const allUnits = ({ shopId, manager }: ShopWork): Promise<UnitRow[]> =>
  manager.find(Units, { where: { shop_id: shopId }, order: { place: 'ASC' } });
export const unitById = ({ shopId, manager }: ShopWork, id: string): Promise<UnitRow | null> =>
  manager.findOneBy(Units, { shop_id: shopId, id });
export const unitByTag = ({ shopId, manager }: ShopWork, tag: string): Promise<UnitRow | null> =>
  manager.findOneBy(Units, { shop_id: shopId, tag });
export const unitsByIds = ({ shopId, manager }: ShopWork, ids: readonly string[]): Promise<UnitRow[]> =>
  manager.findBy(Units, { shop_id: shopId, id: In([...ids]) });

/** Holds the unit until the transaction ends: two joints added at once get two tags. */
export const lockUnit = ({ shopId, manager }: ShopWork, id: string): Promise<UnitRow | null> =>
  manager.findOne(Units, { where: { shop_id: shopId, id }, lock: { mode: 'pessimistic_write' } });

export const unitCount = ({ shopId, manager }: ShopWork): Promise<number> => manager.countBy(Units, { shop_id: shopId });

export async function saveUnit({ shopId, manager }: ShopWork, unit: Omit<UnitRow, 'shop_id'>): Promise<void> {
  await manager.upsert(Units, { ...unit, shop_id: shopId }, ['shop_id', 'id']);
}

export const circuitById = ({ shopId, manager }: ShopWork, id: string): Promise<CircuitRow | null> =>
  manager.findOneBy(Circuits, { shop_id: shopId, id });
export const circuitsByIds = ({ shopId, manager }: ShopWork, ids: readonly string[]): Promise<CircuitRow[]> =>
  manager.findBy(Circuits, { shop_id: shopId, id: In([...ids]) });
export const circuitsOfUnits = ({ shopId, manager }: ShopWork, unitIds: readonly string[]): Promise<CircuitRow[]> =>
  manager.find(Circuits, { where: { shop_id: shopId, unit_id: In([...unitIds]) }, order: { id: 'ASC' } });

export async function saveCircuit({ shopId, manager }: ShopWork, circuit: Omit<CircuitRow, 'shop_id'>): Promise<void> {
  await manager.upsert(Circuits, { ...circuit, shop_id: shopId } as never, ['shop_id', 'id']); // cast: TypeORM's deep partial type does not take readonly arrays
}

export const hasJoints = async ({ shopId, manager }: ShopWork, circuitIds: readonly string[]): Promise<boolean> =>
  circuitIds.length > 0 && (await manager.existsBy(Joints, { shop_id: shopId, circuit_id: In([...circuitIds]) }));

export const toSite = ({ id, name, altitude_m }: SiteRow): SiteView => ({ id, name, altitudeM: altitude_m });
export const toPlate = ({ id, tag, name, kind }: UnitRow): UnitPlate => ({ id, tag, name, kind });
export const toCircuit = (circuit: CircuitRow): CircuitView => ({ id: circuit.id, ...circuit.details });
