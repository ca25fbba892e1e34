import { canonicalText, type Beside, type Chain, type LedgerLink } from '@kesto/core';
import { In } from 'typeorm';
import { Ledger, LedgerWords } from '../../platform/db/rows';
import type { LedgerWordsRow } from '../../platform/db/rowTypes';
import type { ShopTransaction } from '../../platform/db/shop';
import type { LedgerRepository, LinkColumns, LinksOf } from './ledger.repository';
import { toLink } from './storedLink';

const besideOf = (rows: readonly LedgerWordsRow[]): Beside =>
  Object.fromEntries(rows.map(({ commitment, salt, words }) => [commitment, { salt, words }]));

/** The row of a link: its content to the letter that was hashed, and what lists ask by. */
const rowOf = (shopId: string, { content, hash }: LedgerLink, columns: LinkColumns) => ({
  ...{
    shopId,
    chain: content.chain.of,
    chainId: content.chain.id,
    sequence: content.sequence,
    id: content.said.id,
    format: content.format,
  },
  ...{ kind: content.said.kind, stage: content.said.stage, personId: content.said.person, about: content.said.corrects?.entry ?? null },
  ...{ ...columns, at: new Date(columns.at), content: canonicalText(content), hash },
});

export function typeormLedger({ shopId, manager }: ShopTransaction): LedgerRepository {
  async function ofAll<C extends Chain>(of: C, ids: readonly string[]): Promise<ReadonlyMap<string, readonly LinksOf[C][]>> {
    const which = { shopId, chain: of, chainId: In([...ids]) };
    const rows = await manager.find(Ledger, { where: which, order: { sequence: 'ASC' } });
    const words = rows.some(({ format }) => format === 3) ? await manager.findBy(LedgerWords, which) : [];
    return new Map(
      ids.map((id) => {
        const beside = besideOf(words.filter(({ chainId }) => chainId === id));
        return [id, rows.filter(({ chainId }) => chainId === id).map((row) => toLink(row, beside) as LinksOf[C])]; // cast: a chain holds its own links
      }),
    );
  }
  return {
    ofAll,
    of: async ({ of, id }) => (await ofAll(of, [id])).get(id) ?? [],
    async taken(chain, id) {
      const row = await manager.findOneBy(Ledger, { shopId, chain, id });
      if (!row) return null;
      const words = await manager.findBy(LedgerWords, { shopId, chain: row.chain, chainId: row.chainId });
      return { requestHash: row.requestHash, link: toLink(row, besideOf(words)) };
    },
    async add(link, columns) {
      await manager.insert(Ledger, rowOf(shopId, link, columns));
      const { of: chain, id: chainId } = link.content.chain;
      const words = Object.entries(link.beside).map(([commitment, salted]) => ({ shopId, chain, chainId, commitment, ...salted }));
      if (words.length > 0) await manager.createQueryBuilder().insert().into(LedgerWords).values(words).orIgnore().execute();
    },
    async erase({ of, id }, commitments) {
      await manager.delete(LedgerWords, { shopId, chain: of, chainId: id, commitment: In([...commitments]) });
    },
  };
}
