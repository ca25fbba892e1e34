import { Drawings } from '../../platform/db/rows';
import type { ShopTransaction } from '../../platform/db/shop';
import type { DrawingRepository } from './drawings.repository';

export const typeormDrawings = ({ shopId, manager }: ShopTransaction): DrawingRepository => ({
  byId: (id) => manager.findOneBy(Drawings, { shopId, id }),
  latestOf: (circuitId) => manager.findOne(Drawings, { where: { shopId, circuitId }, order: { place: 'DESC' } }),
  allOf: async (circuitId) =>
    (await manager.find(Drawings, { where: { shopId, circuitId }, order: { place: 'DESC' } })).map(({ graph }) => graph),
  async add(drawing) {
    await manager.insert(Drawings, { ...drawing, shopId } as never); // cast: TypeORM's deep partial type does not take readonly arrays
  },
});
