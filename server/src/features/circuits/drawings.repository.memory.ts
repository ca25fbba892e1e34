import { addRow, byId, sortedBy, type MemoryRows } from '../../platform/memory/rows';
import type { DrawingRepository } from './drawings.repository';

export function memoryDrawings({ drawings }: MemoryRows): DrawingRepository {
  const newestFirst = (circuitId: string) =>
    sortedBy(
      drawings.filter((drawing) => drawing.circuitId === circuitId),
      ({ place }) => -place,
    );
  return {
    byId: async (id) => byId(drawings, id),
    latestOf: async (circuitId) => newestFirst(circuitId)[0] ?? null,
    allOf: async (circuitId) => newestFirst(circuitId).map(({ graph }) => graph),
    add: async (drawing) => addRow(drawings, drawing),
  };
}
