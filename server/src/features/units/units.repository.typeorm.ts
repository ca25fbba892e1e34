import { In } from 'typeorm';
import { Circuits, Joints, Sites, Units } from '../../platform/db/rows';
import type { ShopTransaction } from '../../platform/db/shop';
import type { CircuitRepository, SiteRepository, UnitRepository } from './units.repository';

export const typeormSites = ({ shopId, manager }: ShopTransaction): SiteRepository => ({
  all: () => manager.find(Sites, { where: { shopId }, order: { name: 'ASC' } }),
  byId: (id) => manager.findOneBy(Sites, { shopId, id }),
  byIds: (ids) => manager.findBy(Sites, { shopId, id: In([...ids]) }),
  async save(site) {
    await manager.upsert(Sites, { ...site, shopId }, ['shopId', 'id']);
  },
});

export const typeormUnits = ({ shopId, manager }: ShopTransaction): UnitRepository => ({
  all: () => manager.find(Units, { where: { shopId }, order: { place: 'ASC' } }),
  byId: (id) => manager.findOneBy(Units, { shopId, id }),
  byTag: (tag) => manager.findOneBy(Units, { shopId, tag }),
  count: () => manager.countBy(Units, { shopId }),
  lock: (id) => manager.findOne(Units, { where: { shopId, id }, lock: { mode: 'pessimistic_write' } }),
  async save(unit) {
    await manager.upsert(Units, { ...unit, shopId } as never, ['shopId', 'id']); // cast: TypeORM's deep partial type does not take readonly arrays
  },
});

export const typeormCircuits = ({ shopId, manager }: ShopTransaction): CircuitRepository => ({
  byId: (id) => manager.findOneBy(Circuits, { shopId, id }),
  byIds: (ids) => manager.findBy(Circuits, { shopId, id: In([...ids]) }),
  ofUnits: (unitIds) => manager.find(Circuits, { where: { shopId, unitId: In([...unitIds]) }, order: { id: 'ASC' } }),
  haveJoints: async (ids) => ids.length > 0 && (await manager.existsBy(Joints, { shopId, circuitId: In([...ids]) })),
  async save(circuit) {
    await manager.upsert(Circuits, { ...circuit, shopId } as never, ['shopId', 'id']); // cast: as above
  },
});
