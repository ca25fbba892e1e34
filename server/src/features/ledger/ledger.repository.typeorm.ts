import { canonicalText, commitmentsIn, type AnyLink, type Beside, type Chain, type ChainId, type LedgerLink } from '@kesto/core';
import { In, MoreThanOrEqual } from 'typeorm';
import { Ledger, LedgerWords } from '../../platform/db/rows';
import type { LedgerRow, LedgerWordsRow } from '../../platform/db/rowTypes';
import type { ShopTransaction } from '../../platform/db/shop';
import { keepGrown } from '../../platform/db/keepStale';
import { keepWords } from '../../platform/db/keepWords';
import type { KnownLinks } from './knownLinks';
import type { LedgerRepository, LinkColumns, LinksOf } from './ledger.repository';
import { toLink } from './storedLink';

const besideOf = (rows: readonly LedgerWordsRow[]): Beside =>
  Object.fromEntries(rows.map(({ commitment, salt, words }) => [commitment, { salt, words }]));

/** The row of a link: its content to the letter that was hashed, and what lists ask by. */
const rowOf = (shopId: string, { content, hash }: LedgerLink, { writer: _writer, ...columns }: LinkColumns) => ({
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

/** Who wrote one of these at a joint has made it. */
const MADE_BY: readonly string[] = ['brazed', 'reworked'];

/** Of more links than these all words of the chain are asked for at once. */
const FEW = 20;

/** Chains of one sort, in one question however many they are. */
async function allOf<C extends Chain>(
  { shopId, manager }: ShopTransaction,
  of: C,
  ids: readonly string[],
): Promise<ReadonlyMap<string, readonly LinksOf[C][]>> {
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

export function typeormLedger(transaction: ShopTransaction, known: KnownLinks): LedgerRepository {
  const { shopId, manager } = transaction;
  /** Of a few links the words they commit to; of a whole chain all of it has. */
  async function wordsOf({ of, id }: ChainId, rows: readonly LedgerRow[]): Promise<Beside> {
    const closed = rows.filter(({ format }) => format === 3);
    if (closed.length === 0) return {};
    const own = closed.length > FEW ? null : closed.flatMap(({ content }) => commitmentsIn(JSON.parse(content)));
    const which = { shopId, chain: of, chainId: id };
    return besideOf(await manager.findBy(LedgerWords, own ? { ...which, commitment: In(own) } : which));
  }
  const linksOf = async (chain: ChainId, rows: readonly LedgerRow[]): Promise<readonly AnyLink[]> => {
    const words = await wordsOf(chain, rows);
    return rows.map((row) => toLink(row, words));
  };
  const rowsFrom = ({ of, id }: ChainId, sequence: number) =>
    manager.find(Ledger, {
      where: { shopId, chain: of, chainId: id, sequence: MoreThanOrEqual(sequence) },
      order: { sequence: 'ASC' },
    });

  /** What was added since this server read the chain last; null where it is to be read whole: another beginning, or words erased since. */
  async function grown(chain: ChainId): Promise<readonly AnyLink[] | null> {
    const before = known.of(shopId, chain);
    if (before.length === 0) return null;
    const [last, ...since] = await rowsFrom(chain, before.length);
    if (last?.hash !== before.at(-1)?.hash || since.some(({ kind }) => kind === 'erased')) return null;
    return since.length === 0 ? before : [...before, ...(await linksOf(chain, since))];
  }

  async function chainOf(chain: ChainId): Promise<readonly AnyLink[]> {
    const links = (await grown(chain)) ?? (await linksOf(chain, await rowsFrom(chain, 1)));
    known.keep(shopId, chain, links);
    return links;
  }

  return {
    ofAll: (of, ids) => allOf(transaction, of, ids),
    of: async <C extends Chain>(chain: { readonly of: C; readonly id: string }) => (await chainOf(chain)) as readonly LinksOf[C][], // cast: a chain holds its own links
    async taken(chain, id) {
      const row = await manager.findOneBy(Ledger, { shopId, chain, id });
      if (!row) return null;
      return { requestHash: row.requestHash, link: toLink(row, await wordsOf({ of: row.chain, id: row.chainId }, [row])) };
    },
    async add(link, columns) {
      await manager.insert(Ledger, rowOf(shopId, link, columns));
      const { of: chain, id: chainId } = link.content.chain;
      await keepGrown(transaction, link.content.chain);
      const words = Object.entries(link.beside).map(([commitment, salted]) => ({ shopId, chain, chainId, commitment, ...salted }));
      if (words.length > 0) await manager.createQueryBuilder().insert().into(LedgerWords).values(words).orIgnore().execute();
      const { kind } = link.content.said;
      if (columns.writer !== null && (chain === 'job' || (chain === 'joint' && MADE_BY.includes(kind))))
        await keepWords(transaction).writer(chain, chainId, columns.writer);
    },
    async erase({ of, id }, commitments) {
      known.forget(shopId, { of, id });
      await manager.delete(LedgerWords, { shopId, chain: of, chainId: id, commitment: In([...commitments]) });
    },
  };
}
