import type { Chain, ChainId, Head } from '@kesto/core';
import { leafText, type Leaf, type SignedTreeHead } from '@kesto/core/tree';
import { In } from 'typeorm';
import { ChainsGrown, TreeGiven, TreeHeads, TreeLeaves, TreeNodes } from '../../platform/db/treeRows';
import type { TreeHeadRow, TreeLeafRow } from '../../platform/db/treeRows';
import type { ShopTransaction } from '../../platform/db/shop';
import type { PlacedLeaf, SealRepository } from './seal.repository';
import { GROWN_OF, LOCK, NEWEST_OF, NODES, TAKE_GROWN } from './seal.sql';

const placed = ({ place, leaf }: Pick<TreeLeafRow, 'place' | 'leaf'>): PlacedLeaf => ({
  place: Number(place),
  leaf: JSON.parse(leaf) as Leaf, // cast: written by `add` alone
});

const signedHead = ({ shopId, size, epoch, root, time, name, key, signature }: TreeHeadRow): SignedTreeHead => ({
  ...{ origin: shopId, name, epoch, size: Number(size), root, time: time.toISOString(), key, signature },
});

/** What is asked by, beside the leaf to the letter. */
function rowOf(shopId: string, { place, leaf }: PlacedLeaf): TreeLeafRow {
  const head = leaf.what === 'head' ? leaf : null;
  return {
    ...{ shopId, place, what: leaf.what, chain: head?.of ?? null, chainId: head?.id ?? null, sequence: head?.sequence ?? null },
    ...{ entry: leaf.what === 'entry' ? leaf.hash : null, leaf: leafText(leaf) },
  };
}

/** Rows a statement carries at most: PostgreSQL counts parameters in two bytes. */
const AT_ONCE = 1_000;

function* inParts<T>(rows: readonly T[]): Generator<T[]> {
  for (let at = 0; at < rows.length; at += AT_ONCE) yield rows.slice(at, at + AT_ONCE);
}

type Manager = ShopTransaction['manager'];

const columnsOf = (shopId: string, chains: readonly ChainId[]) => [shopId, chains.map(({ of }) => of), chains.map(({ id }) => id)];
const rows = async <Row>(manager: Manager, sql: string, parameters: readonly unknown[]) =>
  (await manager.query(sql, [...parameters])) as readonly Row[]; // cast: by the statement

/** Which chains grew, and that they are being sealed. */
const grownOf = ({ shopId, manager }: ShopTransaction): Pick<SealRepository, 'lock' | 'takeGrown' | 'hasGrown'> => ({
  async lock() {
    await manager.query(LOCK, [shopId]);
  },
  async takeGrown(most, first) {
    const asked = first.length > 0 ? await rows<Head>(manager, GROWN_OF, columnsOf(shopId, first)) : [];
    return asked.length > 0 ? asked : rows<Head>(manager, TAKE_GROWN, [shopId, most]);
  },
  hasGrown: () => manager.existsBy(ChainsGrown, { shopId }),
});

/** Which sizes were given away with which chain. */
const givenOf = ({ shopId, manager }: ShopTransaction): Pick<SealRepository, 'gave' | 'givenWith'> => ({
  async gave(size, chains) {
    const given = chains.map(({ of, id }) => ({ shopId, chain: of, chainId: id, size }));
    for (const part of inParts(given)) await manager.createQueryBuilder().insert().into(TreeGiven).values(part).orIgnore().execute();
  },
  async givenWith(chains, most) {
    const which = chains.map(({ of, id }) => ({ shopId, chain: of, chainId: id }));
    const found = await manager.find(TreeGiven, { where: which, order: { size: 'DESC' }, take: most });
    return [...new Set(found.map(({ size }) => Number(size)))];
  },
});

/** Tree heads that were signed. */
const headsOf = ({ shopId, manager }: ShopTransaction): Pick<SealRepository, 'newestHead'> => ({
  async newestHead() {
    const row = await manager.findOne(TreeHeads, { where: { shopId }, order: { size: 'DESC' } });
    return row && signedHead(row);
  },
});

export function typeormSeal(transaction: ShopTransaction): SealRepository {
  const { shopId, manager } = transaction;
  return {
    ...grownOf(transaction),
    ...givenOf(transaction),
    ...headsOf(transaction),
    async nodes(subtrees) {
      if (subtrees.length === 0) return [];
      const parameters = [shopId, subtrees.map(({ level }) => level), subtrees.map(({ index }) => index)];
      const found = await rows<{ level: number; place: string; hash: string }>(manager, NODES, parameters);
      return found.map(({ level, place, hash }) => ({ level, index: Number(place), hash }));
    },
    async add(leaves, nodes, head) {
      for (const part of inParts(leaves))
        await manager.insert(
          TreeLeaves,
          part.map((leaf) => rowOf(shopId, leaf)),
        );
      for (const part of inParts(nodes))
        await manager.insert(
          TreeNodes,
          part.map(({ level, index, hash }) => ({ shopId, level, place: index, hash })),
        );
      const { origin: _origin, time, ...rest } = head;
      await manager.insert(TreeHeads, { ...rest, shopId, time: new Date(time) });
    },
    async changes() {
      const found = await manager.find(TreeLeaves, { where: { shopId, what: In(['key', 'restored']) }, order: { place: 'ASC' } });
      return found.map(placed);
    },
    newestOf: async (chains) => (await rows<TreeLeafRow>(manager, NEWEST_OF, columnsOf(shopId, chains))).map(placed),
    async entries(hashes) {
      const found = await manager.findBy(TreeLeaves, { shopId, what: 'entry', entry: In([...hashes]) });
      return found.map(placed);
    },
    async sealedUpTo(of: Chain, id) {
      const [row] = await rows<TreeLeafRow>(manager, NEWEST_OF, columnsOf(shopId, [{ of, id }]));
      return row?.sequence ?? 0;
    },
  };
}
