import type { Chain } from '@kesto/core';
import { chainOf, isOfChain } from '../../platform/memory/chains';
import { markStale, type MemoryRows } from '../../platform/memory/rows';
import type { LedgerRepository, LinksOf } from './ledger.repository';

export function memoryLedger(rows: MemoryRows): LedgerRepository {
  const { links } = rows;
  const read = <C extends Chain>(of: C, id: string) => chainOf(rows, of, id) as readonly unknown[] as readonly LinksOf[C][]; // cast: a chain holds its own links
  const rowOf = (of: Chain, id: string) => links.find(({ link: { content } }) => content.chain.of === of && content.said.id === id);
  return {
    ofAll: async (of, ids) => new Map(ids.map((id) => [id, read(of, id)])),
    of: async ({ of, id }) => read(of, id),
    async taken(of, id) {
      const row = rowOf(of, id);
      const link = row && chainOf(rows, of, row.link.content.chain.id).find(({ content }) => content.said.id === id);
      return row && link ? { requestHash: row.requestHash, link } : null;
    },
    async add(link, columns) {
      const { chain, sequence, said } = link.content;
      const clash = links.some((row) => isOfChain(chain.of, chain.id, row) && row.link.content.sequence === sequence);
      if (clash || rowOf(chain.of, said.id)) throw new Error('this place of the chain, or this id, is taken');
      links.push({ ...columns, link });
      if (chain.of === 'joint') markStale(rows, chain.id);
      if (!rows.chainsGrown.some(({ of, id }) => of === chain.of && id === chain.id)) rows.chainsGrown.push(chain);
    },
    async erase({ of, id }, commitments) {
      for (const [i, row] of links.entries()) {
        if (!isOfChain(of, id, row)) continue;
        const stays = Object.entries(row.link.beside).filter(([commitment]) => !commitments.includes(commitment));
        links[i] = { ...row, link: { ...row.link, beside: Object.fromEntries(stays) } };
      }
    },
  };
}
