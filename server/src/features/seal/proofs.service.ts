import { isLedgerLink, type AnyLink, type ChainId, type LedgerLink } from '@kesto/core';
import {
  consistencyRanges,
  inclusionRanges,
  rangeHash,
  subtreesOf,
  type Continued,
  type NodeAt,
  type ProvedLeaf,
  type Range,
  type Seal,
  type SignedTreeHead,
} from '@kesto/core/tree';
import type { ShopWork } from '../shopWork';
import { DEVICE_KINDS } from './deviceEntries';
import type { PlacedLeaf } from './seal.repository';

/** Proofs from tree heads that were given away earlier that a file carries at most. */
const MOST_CONTINUED = 50;

/** Hashes over ranges of the tree, all of them in one question. */
async function hashesOf({ seal }: ShopWork, proofs: readonly (readonly Range[])[]): Promise<readonly (readonly string[])[]> {
  const nodes = await seal.nodes([
    ...new Map(
      proofs
        .flat()
        .flatMap(subtreesOf)
        .map((one) => [`${one.level}/${one.index}`, one]),
    ).values(),
  ]);
  const known = new Map(nodes.map(({ level, index, hash }) => [`${level}/${index}`, hash]));
  const nodeAt: NodeAt = ({ level, index }) => known.get(`${level}/${index}`) ?? '';
  return proofs.map((ranges) => ranges.map((range) => rangeHash(range, nodeAt)));
}

async function proved(shop: ShopWork, leaves: readonly PlacedLeaf[], { size }: SignedTreeHead): Promise<readonly ProvedLeaf[]> {
  const proofs = await hashesOf(
    shop,
    leaves.map(({ place }) => inclusionRanges(place, size)),
  );
  return leaves.map(({ place, leaf }, i) => ({ leaf, index: place, proof: proofs[i] ?? [] }));
}

/** Proofs that trees of these sizes are the beginning of this one. */
export async function continuedFrom(shop: ShopWork, sizes: readonly number[], { size }: SignedTreeHead): Promise<readonly Continued[]> {
  const earlier = sizes.filter((one) => one > 0 && one <= size);
  const ranges = earlier.flatMap((one) => [[{ start: 0, end: one }], consistencyRanges(one, size)]);
  const hashes = await hashesOf(shop, ranges);
  return earlier.map((one, i) => ({ size: one, root: hashes[2 * i]?.[0] ?? '', proof: hashes[2 * i + 1] ?? [] }));
}

/** Entries of the shop's chain about keys of devices: of those that signed here, and of everybody who wrote here. */
async function devicesOf({ shopId, ledger }: ShopWork, links: readonly AnyLink[]): Promise<readonly LedgerLink[]> {
  const contents = links.filter(isLedgerLink).map(({ content }) => content);
  const people = new Set(contents.flatMap(({ said }) => [said.person, said.onBehalfOf]));
  const signers = new Set(contents.flatMap(({ signature }) => signature?.device ?? []));
  const own = (await ledger.of({ of: 'shop', id: shopId })).filter(({ content }) => DEVICE_KINDS.includes(content.said.kind));
  const deviceOf = ({ content }: LedgerLink) => String(content.said.told['device']);
  const isMeant = (link: LedgerLink) => people.has(link.content.said.person) || signers.has(deviceOf(link));
  const meant = new Set(
    own
      .filter(({ content }) => content.said.kind === 'device-key')
      .filter(isMeant)
      .map(deviceOf),
  );
  const vouching = own.filter((link) => meant.has(deviceOf(link))).flatMap(({ content }) => content.signature?.device ?? []);
  const all = new Set([...meant, ...vouching]);
  return own.filter((link) => all.has(deviceOf(link)));
}

export interface Given {
  readonly chains: readonly ChainId[];
  readonly links: readonly AnyLink[];
  /** A tree head's size that whoever asks holds already. */
  readonly from?: number;
}

/** The seal that a file of these chains carries, by the newest tree head; null where the shop has sealed nothing. */
export async function sealFor(shop: ShopWork, { chains, links, from }: Given): Promise<Seal | null> {
  const treeHead = await shop.seal.newestHead();
  if (!treeHead) return null;
  const devices = await devicesOf(shop, links);
  const entries = await shop.seal.entries(devices.map(({ hash }) => hash));
  const sealed = new Set(entries.flatMap(({ leaf }) => (leaf.what === 'entry' ? [leaf.hash] : [])));
  const leaves = [...(await shop.seal.changes()), ...entries, ...(await shop.seal.newestOf(chains))];
  const sizes = await shop.seal.givenWith(chains, MOST_CONTINUED);
  const continued = await continuedFrom(
    shop,
    [...new Set([...(from ? [from] : []), ...sizes])].filter((size) => size !== treeHead.size),
    treeHead,
  );
  await shop.seal.gave(treeHead.size, chains);
  return { treeHead, leaves: await proved(shop, leaves, treeHead), continued, devices: devices.filter(({ hash }) => sealed.has(hash)) };
}
