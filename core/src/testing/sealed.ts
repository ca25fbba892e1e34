import { ed25519 } from '@noble/curves/ed25519.js';
import { p256 } from '@noble/curves/nist.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';
import { sealLink, type ChainId, type EntryContent3, type LedgerLink, type Statement } from '../ledger/entry';
import { commit } from '../ledger/openWords';
import { bytesHash } from '../record/chain';
import { RECORD_FORMAT, type ExportedRecord } from '../record/verify';
import { saidText } from '../tree/deviceKeys';
import { hashOfLeaf, type Leaf } from '../tree/leaf';
import { consistencyRanges, inclusionRanges, nodesAdded, rangeHash, type NodeAt } from '../tree/merkle';
import type { Seal } from '../tree/seal';
import { treeHeadText, type TreeHead } from '../tree/treeHead';
import { base64, PHOTO } from './records';

export const SHOP = '0193a000-0000-7000-8000-00000000000a';
export const JOINT: ChainId = { of: 'joint', id: '0193a000-0000-7000-8000-0000000000c7' };
const SHOP_CHAIN: ChainId = { of: 'shop', id: SHOP };

/** Keys from a number, the same each time. */
const secretOf = (n: number) => new Uint8Array(32).fill(n);
const hexOf = (text: string, sign: (bytes: Uint8Array) => Uint8Array) => bytesToHex(sign(utf8ToBytes(text)));

export interface MadeKey {
  readonly alg: 'Ed25519' | 'P-256';
  readonly key: string;
  readonly sign: (text: string) => string;
}
export const edKey = (n: number): MadeKey => ({
  ...{ alg: 'Ed25519', key: bytesToHex(ed25519.getPublicKey(secretOf(n))) },
  sign: (text) => hexOf(text, (bytes) => ed25519.sign(bytes, secretOf(n))),
});
export const p256Key = (n: number): MadeKey => ({
  ...{ alg: 'P-256', key: bytesToHex(p256.getPublicKey(secretOf(n), false)) },
  sign: (text) => hexOf(text, (bytes) => p256.sign(bytes, secretOf(n))),
});

export const person = (n: number) => `0193a000-0000-7000-8000-00000000010${n}`;
export const device = (n: number) => `0193a000-0000-7000-8000-00000000020${n}`;
const minute = (n: number) => `2026-11-20T10:${String(n).padStart(2, '0')}:00.000Z`;
const saltOf = (text: string) => () => bytesHash(utf8ToBytes(text)).slice(0, 32);

export interface Saying {
  readonly kind: Statement['kind'];
  readonly told: Readonly<Record<string, unknown>>;
  readonly by: { readonly person: string; readonly device: string; readonly key: MadeKey } | null;
  readonly photos?: EntryContent3['photos'];
}

/** A chain of format 3 in which each entry is signed by the device that says it. */
export function signedChain(chain: ChainId, saying: readonly Saying[], beforeMinute = 0): readonly LedgerLink[] {
  const links: LedgerLink[] = [];
  for (const [i, { kind, told, by, photos = [] }] of saying.entries()) {
    const name = by ? commit('Ilta Varro', saltOf(chain.id)) : null;
    const said: Statement = {
      ...{
        shop: SHOP,
        chain,
        id: `${chain.id.slice(0, -3)}${String(i + 101)}`,
        kind,
        shape: 1,
        stage: null,
        told,
        photos: photos.map(({ sent }) => sent),
      },
      ...{
        corrects: null,
        person: by?.person ?? null,
        onBehalfOf: null,
        deviceTime: minute(beforeMinute + i),
        seen: null,
        drawing: null,
        simulated: false,
      },
    };
    const content: EntryContent3 = {
      ...{ format: 3, rules: 8, chain, sequence: i + 1, previous: links.at(-1)?.hash ?? null, said, because: null },
      author: by && name ? { person: by.person, card: name.commitment } : 'kesto',
      ...{ worked: null, photos, at: { server: minute(beforeMinute + i), offsetS: 0 } },
      signature: by ? { device: by.device, alg: by.key.alg, value: by.key.sign(saidText(said)) } : null,
    };
    links.push(sealLink(content, name?.beside ?? {}));
  }
  return links;
}

/** A shop's tree as it grows, and the seals it gives away. */
export function shopTree(shopKey: MadeKey, first: readonly Leaf[] = []) {
  const nodes = new Map<string, string>();
  const nodeAt: NodeAt = ({ level, index }) => nodes.get(`${level}/${index}`) ?? '';
  const leaves: Leaf[] = [];
  function add(more: readonly Leaf[]): void {
    for (const { level, index, hash } of nodesAdded(leaves.length, more.map(hashOfLeaf), nodeAt)) nodes.set(`${level}/${index}`, hash);
    leaves.push(...more);
  }
  const proof = (ranges: ReturnType<typeof inclusionRanges>) => ranges.map((range) => rangeHash(range, nodeAt));
  const rootAt = (size: number) => rangeHash({ start: 0, end: size }, nodeAt);
  add([{ what: 'key', key: shopKey.key, why: 'first', before: null, signature: null, notAfter: null, at: minute(0) }, ...first]);
  return {
    add,
    get size() {
      return leaves.length;
    },
    root: () => rootAt(leaves.length),
    /** What is given away now, with the proof from the sizes that were given away before. */
    seal(devices: readonly LedgerLink[], from: readonly number[] = [], by: MadeKey = shopKey, epoch = 1): Seal {
      const size = leaves.length;
      const head: TreeHead = { origin: SHOP, name: 'Harbour Cold', epoch, size, root: rootAt(size), time: minute(50) };
      return {
        treeHead: { ...head, key: by.key, signature: by.sign(treeHeadText(head)) },
        leaves: leaves.map((leaf, index) => ({ leaf, index, proof: proof(inclusionRanges(index, size)) })),
        continued: from.map((one) => ({ size: one, root: rootAt(one), proof: proof(consistencyRanges(one, size)) })),
        devices,
      };
    },
  };
}

export const headLeaf = (links: readonly LedgerLink[], sequence = links.length): Leaf => ({
  ...{ what: 'head', of: links[0]?.content.chain.of ?? 'joint', id: links[0]?.content.chain.id ?? '' },
  ...{ sequence, hash: links[sequence - 1]?.hash ?? '' },
});
export const entryLeaf = ({ hash }: LedgerLink): Leaf => ({ what: 'entry', hash });

const ILTA = { person: person(1), device: device(1), key: edKey(1) };
const MAREN = { person: person(2), device: device(2), key: p256Key(2) };
export const HANDS = { ILTA, MAREN } as const;

export const keySaid = ({ device: id, key }: typeof ILTA): Saying['told'] => ({ device: id, alg: key.alg, key: key.key });

/** The shop's chain: two devices' keys, the maker's vouched for by the lead. */
export const DEVICES = signedChain(SHOP_CHAIN, [
  { kind: 'device-key', told: keySaid(MAREN), by: MAREN },
  { kind: 'device-key', told: keySaid(ILTA), by: ILTA },
  { kind: 'device-vouched', told: { device: ILTA.device }, by: MAREN },
]);

const photo = { sha256: bytesHash(PHOTO), mediaType: 'image/png', bytes: PHOTO.length, sent: bytesHash(PHOTO) };
export const FIVE: readonly Saying[] = [
  { kind: 'planned', told: { tag: 'CR2-07', job: null }, by: null },
  { kind: 'prepared', told: {}, by: ILTA, photos: [photo] },
  { kind: 'lit', told: {}, by: ILTA },
  { kind: 'looked-at', told: { result: 'passes' }, by: ILTA },
  { kind: 'accepted', told: {}, by: MAREN },
];

export const recordOf = (entries: readonly LedgerLink[], seal: Seal | null): ExportedRecord => ({
  ...{ format: RECORD_FORMAT, version: 3, entries, seal },
  photos: { [photo.sha256]: base64(PHOTO) },
});
