import { byId, type MemoryRows } from '../../platform/memory/rows';
import type { ImportFacts, ImportRepository, ImportRow } from './imports.repository';

export function memoryImports(rows: MemoryRows): ImportRepository {
  const factsOf = ({ bytes, ...row }: ImportRow): ImportFacts => ({
    ...row,
    by: byId(rows.people, row.personId)?.name ?? '',
    size: bytes.length,
  });
  const find = (sha256: string) => rows.imports.find((row) => row.sha256 === sha256);
  return {
    async add(row) {
      if (!find(row.sha256)) rows.imports.push(row);
    },
    newest: async (most) => rows.imports.map(factsOf).toReversed().slice(0, most),
    async byHash(sha256) {
      const row = find(sha256);
      return row ? factsOf(row) : null;
    },
    bytesOf: async (sha256) => find(sha256)?.bytes ?? null,
  };
}
