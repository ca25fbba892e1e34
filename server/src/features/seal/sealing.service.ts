import type { ChainId, Head, LedgerLink } from '@kesto/core';
import {
  edgeOf,
  EMPTY_ROOT,
  hashOfLeaf,
  keyHandedOver,
  nodesAdded,
  rangeHash,
  treeHeadText,
  type KeyLeaf,
  type Leaf,
  type NodeAt,
  type RestoredLeaf,
  type SignedTreeHead,
  type TreeHead,
} from '@kesto/core/tree';
import type { ShopWork } from '../shopWork';
import { DEVICE_KINDS } from './deviceEntries';
import type { ShopKey } from './shopKeys';

/** Chains that are sealed at once: hashing them holds up nobody else for longer than a glance. */
export const SEALED_AT_ONCE = 500;

/** A tree before its first leaf. */
const NONE = { size: 0, epoch: 1, root: EMPTY_ROOT, key: null } as const;

const firstKey = ({ key }: ShopKey, now: Date): KeyLeaf => ({
  ...{ what: 'key', key, why: 'first', before: null, signature: null, notAfter: null, at: now.toISOString() },
});

/** Entries of the shop's own chain that speak of devices' keys, one by one: a file shows them without the rest of that chain. */
async function deviceLeaves({ shopId, ledger, seal }: ShopWork, grown: readonly Head[]): Promise<readonly Leaf[]> {
  if (!grown.some(({ of }) => of === 'shop')) return [];
  const from = await seal.sealedUpTo('shop', shopId);
  const links: readonly LedgerLink[] = await ledger.of({ of: 'shop', id: shopId });
  const own = links.filter(({ content }) => content.sequence > from && DEVICE_KINDS.includes(content.said.kind));
  return own.map(({ hash }) => ({ what: 'entry', hash }));
}

interface ToSeal {
  readonly key: ShopKey;
  readonly now: Date;
  readonly leaves: readonly Leaf[];
  readonly epoch: number;
}

/** Adds leaves behind those that are there, and signs where the tree stands then. */
async function addLeaves({ shopId, shop, seal }: ShopWork, { key, now, leaves, epoch }: ToSeal): Promise<SignedTreeHead> {
  const before = (await seal.newestHead()) ?? NONE;
  const nodes = new Map<string, string>();
  const nodeAt: NodeAt = ({ level, index }) => nodes.get(`${level}/${index}`) ?? '';
  const keep = (rows: readonly { level: number; index: number; hash: string }[]) => {
    for (const { level, index, hash } of rows) nodes.set(`${level}/${index}`, hash);
  };
  keep(await seal.nodes(edgeOf(before.size)));
  const added = nodesAdded(before.size, leaves.map(hashOfLeaf), nodeAt);
  keep(added);
  const size = before.size + leaves.length;
  const head: TreeHead = {
    ...{ origin: shopId, name: (await shop.get()).name, epoch, size },
    ...{ root: rangeHash({ start: 0, end: size }, nodeAt), time: now.toISOString() },
  };
  const signed: SignedTreeHead = { ...head, key: key.key, signature: key.sign(treeHeadText(head)) };
  const placed = leaves.map((leaf, i) => ({ place: before.size + i, leaf }));
  await seal.add(placed, added, signed);
  return signed;
}

/** What sealing asks for: the key that signs, and which chains to seal before any other. */
export interface Sealing {
  readonly key: ShopKey;
  readonly now: Date;
  readonly first?: readonly ChainId[];
}

/** Whether the key here is the one by which the shop's tree is signed; a tree that is not begun takes any. */
export async function isOwnKey({ seal }: ShopWork, key: ShopKey): Promise<boolean> {
  const newest = await seal.newestHead();
  return newest === null || newest.key === key.key;
}

/** Writes where chains stand that grew into the shop's tree, and signs it; null where there was nothing to seal. */
export async function sealGrown(shop: ShopWork, { key, now, first = [] }: Sealing): Promise<SignedTreeHead | null> {
  await shop.seal.lock();
  const before = await shop.seal.newestHead();
  const grown = await shop.seal.takeGrown(SEALED_AT_ONCE, first);
  if (before && grown.length === 0) return null;
  const heads = grown.map(({ of, id, sequence, hash }): Leaf => ({ what: 'head', of, id, sequence, hash }));
  const leaves = [...(before ? [] : [firstKey(key, now)]), ...(await deviceLeaves(shop, grown)), ...heads];
  return addLeaves(shop, { key, now, leaves, epoch: before?.epoch ?? NONE.epoch });
}

/** A new key signs from here on; `old`: the one before it, where it is at hand and trusted, hands over. */
export async function changeKey(
  shop: ShopWork,
  { key, old, why, now }: { readonly key: ShopKey; readonly old: ShopKey | null; readonly why: KeyLeaf['why']; readonly now: Date },
): Promise<SignedTreeHead> {
  await shop.seal.lock();
  const before = await shop.seal.newestHead();
  if (!before) return addLeaves(shop, { key, now, leaves: [firstKey(key, now)], epoch: NONE.epoch });
  const change = { key: key.key, before: before.key };
  const signature = why === 'changed' && old ? old.sign(keyHandedOver(shop.shopId, change)) : null;
  const notAfter = why === 'stolen' ? before.size : null;
  const leaf: KeyLeaf = { what: 'key', ...change, why, signature, notAfter, at: now.toISOString() };
  return addLeaves(shop, { key, now, leaves: [leaf], epoch: before.epoch });
}

/** A restored copy becomes the server: a new epoch, whose first leaf says what it goes on from. */
export async function beginEpoch(
  shop: ShopWork,
  { key, now }: { readonly key: ShopKey; readonly now: Date },
): Promise<SignedTreeHead | null> {
  await shop.seal.lock();
  const before = await shop.seal.newestHead();
  if (!before) return null;
  const epoch = before.epoch + 1;
  const leaf: RestoredLeaf = { what: 'restored', epoch, size: before.size, root: before.root, at: now.toISOString() };
  return addLeaves(shop, { key, now, leaves: [leaf], epoch });
}
