import { Drawings, People, type DrawingRow } from '../../platform/db/rows';
import type { ShopWork } from '../../platform/db/shop';

export const latestDrawing = ({ shopId, manager }: ShopWork, circuitId: string): Promise<DrawingRow | null> =>
  manager.findOne(Drawings, { where: { shop_id: shopId, circuit_id: circuitId }, order: { place: 'DESC' } });

export const drawingById = ({ shopId, manager }: ShopWork, id: string): Promise<DrawingRow | null> =>
  manager.findOneBy(Drawings, { shop_id: shopId, id });

export async function addDrawing({ shopId, manager }: ShopWork, drawing: Omit<DrawingRow, 'shop_id'>): Promise<void> {
  await manager.insert(Drawings, { ...drawing, shop_id: shopId } as never); // cast: TypeORM's deep partial type does not take readonly arrays
}

export async function drawnBy({ shopId, manager }: ShopWork, personId: string): Promise<string> {
  return (await manager.findOneBy(People, { shop_id: shopId, id: personId }))?.name ?? '';
}
