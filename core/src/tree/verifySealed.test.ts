import { isLedgerLink } from '../record/jointEntry';
import type { LedgerLink } from '../ledger/entry';
import { sealLink } from '../ledger/entry';
import type { ExportedRecord } from '../record/verify';
import {
  DEVICES,
  device,
  edKey,
  entryLeaf,
  FIVE,
  HANDS,
  headLeaf,
  JOINT,
  keySaid,
  recordOf,
  SHOP,
  shopTree,
  signedChain,
} from '../testing/sealed';
import { keyWords } from './fingerprint';
import { keyHandedOver, type Leaf } from './leaf';
import { readOlderText } from './older';
import { verifySealedRecord } from './verifySealed';

const SHOP_KEY = edKey(9);
const CHAIN = signedChain(JOINT, FIVE, 10);

/** Sealed after three of five entries, then after all. */
function twice() {
  const tree = shopTree(SHOP_KEY, DEVICES.map(entryLeaf));
  tree.add([headLeaf(CHAIN, 3)]);
  const early = recordOf(CHAIN.slice(0, 3), tree.seal(DEVICES));
  tree.add([headLeaf(CHAIN)]);
  return { tree, early, late: recordOf(CHAIN, tree.seal(DEVICES, [early.seal?.treeHead.size ?? 0])) };
}

const check = (file: unknown, older?: ExportedRecord) => {
  const result = verifySealedRecord(
    JSON.parse(JSON.stringify(file)),
    older ? { older: (chains) => readOlderText(JSON.stringify(older), chains) } : {},
  );
  if (!result.ok) return { refused: result.errors[0] } as const;
  return result.value.intact ? { signed: result.value.signed, reached: result.value.reached } : { why: result.value.firstBroken };
};

test('a sealed record says whose it is, by when, and that what was kept before is its beginning', () => {
  const { early, late } = twice();
  expect(check(late, early)).toMatchObject({
    reached: expect.arrayContaining(['signed']) as unknown,
    signed: {
      shop: { name: 'Harbour Cold', id: SHOP },
      older: 'continued',
      bySignature: 4,
      notSigned: [],
      vouchedByNobody: [device(2)],
      notes: [],
    },
  });
  expect(keyWords(SHOP_KEY.key)).toHaveLength(8);
});

/** Every text, number and place of a list in it, by its path. */
function placesIn(value: unknown, path: readonly (string | number)[] = []): readonly (readonly (string | number)[])[] {
  if (Array.isArray(value)) return value.flatMap((one, i) => placesIn(one, [...path, i]));
  if (typeof value === 'object' && value !== null) return Object.entries(value).flatMap(([key, one]) => placesIn(one, [...path, key]));
  return value === null ? [] : [path];
}

/** Numbers that look drawn and are the same each time. */
function drawn(seed: number): (below: number) => number {
  let at = seed;
  return (below) => {
    at = (Math.imul(at, 1_664_525) + 1_013_904_223) >>> 0;
    return Math.floor((at / 2 ** 32) * below);
  };
}

function altered(value: unknown, pick: (below: number) => number): unknown {
  if (typeof value === 'number') return value + 1;
  if (typeof value === 'boolean') return !value;
  const text = String(value);
  if (text === '') return 'x';
  const at = pick(text.length);
  const other = text[at] === '0' ? '1' : '0';
  return `${text.slice(0, at)}${other}${text.slice(at + 1)}`;
}

function withAltered(file: unknown, path: readonly (string | number)[], pick: (below: number) => number): unknown {
  const [key, ...rest] = path;
  if (key === undefined) return altered(file, pick);
  const inside = (file as Record<string | number, unknown>)[key]; // cast: the path was found in it
  const changed = withAltered(inside, rest, pick);
  return Array.isArray(file) ? file.map((one: unknown, i) => (i === key ? changed : one)) : { ...(file as object), [key]: changed };
}

test('one altered sign anywhere in a sealed record is found: 1 000 drawn alterations', () => {
  const { late } = twice();
  const file = JSON.parse(JSON.stringify(late)) as unknown;
  const places = placesIn(file);
  const pick = drawn(30);
  const missed = Array.from({ length: 1_000 }, () => {
    const path = places[pick(places.length)] ?? [];
    return { path: path.join('.'), found: check(withAltered(file, path, pick)) };
  }).filter(({ found }) => 'signed' in found);
  expect(missed).toEqual([]);
}, 60_000);

test('entries in another order, one left out, one put in twice are named', () => {
  const { late } = twice();
  const [a, b, c, d, e] = CHAIN;
  const withEntries = (entries: readonly (LedgerLink | undefined)[]) => check({ ...late, entries });
  expect(withEntries([a, c, b, d, e])).toMatchObject({ why: { entry: 2 } });
  expect(withEntries([a, c, d, e])).toMatchObject({ why: { entry: 2 } });
  expect(withEntries([a, b, b, c, d, e])).toMatchObject({ why: { entry: 3 } });
});

describe('given something older', () => {
  const { early, late } = twice();

  test('a chain cut short is found, sealed or with its seal taken off', () => {
    const cut = recordOf(CHAIN.slice(0, 4), late.seal ?? null);
    expect(check(cut)).toMatchObject({ why: { why: 'chain-cut-short' } });
    expect(check(recordOf(CHAIN.slice(0, 2), null), early)).toMatchObject({ why: { why: 'chain-cut-short', entry: 2 } });
  });

  test('a chain made anew with new hashes and a new tree is found, whoever made it', () => {
    const anew = signedChain(JOINT, FIVE, 20);
    for (const key of [SHOP_KEY, edKey(8)]) {
      const tree = shopTree(key, DEVICES.map(entryLeaf));
      tree.add([headLeaf(anew, 3), headLeaf(anew)]);
      const forged = recordOf(anew, tree.seal(DEVICES, [5]));
      expect(check(forged)).toHaveProperty('signed');
      const why = key === SHOP_KEY ? 'tree-made-anew' : 'older-key-unknown';
      expect(check(forged, early)).toMatchObject({ why: { why } });
      expect(check({ ...forged, seal: null }, early)).toMatchObject({ why: { why: 'chain-made-anew', entry: 3 } });
    }
  });

  test('a newer one is said to be newer, and a tree without the proof to be not compared', () => {
    expect(check(early, late)).toMatchObject({ signed: { older: 'not-compared', notes: [{ what: 'this-is-older' }] } });
    const seal = late.seal && { ...late.seal, continued: [] };
    expect(check({ ...late, seal }, early)).toMatchObject({ signed: { notes: [{ what: 'no-proof-from-there' }] } });
  });

  test('what a restore lost is told as lost, not as forged', () => {
    const tree = shopTree(SHOP_KEY, DEVICES.map(entryLeaf));
    const { size, root } = { size: tree.size, root: tree.root() };
    tree.add([{ what: 'restored', epoch: 2, size, root, at: '2026-11-21T08:00:00.000Z' }, headLeaf(CHAIN, 2)]);
    const restored = recordOf(CHAIN.slice(0, 2), tree.seal(DEVICES, [size], SHOP_KEY, 2));
    const notes = [{ what: 'restored' }, { what: 'lost-by-restore', at: '2026-11-21T08:00:00.000Z' }];
    expect(check(restored, late)).toMatchObject({ signed: { notes } });
  });
});

describe('devices', () => {
  /** The chain with its last entry as a server would make it that has no key of the device it names. */
  function forged(change: (link: LedgerLink) => Partial<LedgerLink['content']>): ExportedRecord {
    const last = CHAIN.at(-1)!;
    const links = [...CHAIN.slice(0, -1), sealLink({ ...last.content, ...change(last) }, last.beside)];
    const tree = shopTree(SHOP_KEY, DEVICES.map(entryLeaf));
    tree.add([headLeaf(links)]);
    return recordOf(links, tree.seal(DEVICES));
  }
  const other = (link: LedgerLink): LedgerLink['content']['said'] => ({ ...link.content.said, told: { note: 'never said' } });

  test('an entry that the server made in the name of somebody whose device has a key is named', () => {
    expect(check(forged((link) => ({ said: other(link) })))).toMatchObject({ why: { why: 'signature-wrong', entry: 5 } });
    expect(check(forged((link) => ({ said: other(link), signature: null })))).toMatchObject({
      signed: { notSigned: [{ in: 'CR2-07', entry: 5 }] },
    });
    const unknown = { device: device(7), alg: 'Ed25519', value: edKey(7).sign('anything') } as const;
    expect(check(forged(() => ({ signature: unknown })))).toMatchObject({ why: { why: 'device-unknown', entry: 5 } });
    const others = CHAIN.find((link) => isLedgerLink(link) && link.content.signature?.device === HANDS.ILTA.device);
    expect(check(forged(() => ({ signature: others?.content.signature ?? null })))).toMatchObject({ why: { why: 'signature-wrong' } });
  });

  test('a key that the server adds has to stand in the shop’s tree, and is seen there: nobody vouches for it', () => {
    const made = { ...HANDS.MAREN, device: device(8), key: edKey(8) };
    const [added] = signedChain({ of: 'shop', id: SHOP }, [{ kind: 'device-key', told: keySaid(made as never), by: made }], 5);
    const links = signedChain(JOINT, [...FIVE.slice(0, 4), { kind: 'accepted', told: {}, by: made }], 10);
    const sealedBy = (leaves: readonly Leaf[]) => {
      const tree = shopTree(SHOP_KEY, [...DEVICES.map(entryLeaf), ...leaves]);
      tree.add([headLeaf(links)]);
      return recordOf(links, tree.seal([...DEVICES, added!]));
    };
    expect(check(sealedBy([]))).toMatchObject({ why: { why: 'device-not-in-tree' } });
    expect(check(sealedBy([entryLeaf(added!)]))).toMatchObject({ signed: { vouchedByNobody: [device(8)] } });
  });

  test('what a device signs after its key ended does not count', () => {
    const ended = signedChain(
      { of: 'shop', id: SHOP },
      [{ kind: 'device-ended', told: { device: device(2), why: 'lost' }, by: HANDS.ILTA }],
      6,
    );
    const tree = shopTree(SHOP_KEY, [...DEVICES, ...ended].map(entryLeaf));
    tree.add([headLeaf(CHAIN)]);
    expect(check(recordOf(CHAIN, tree.seal([...DEVICES, ...ended])))).toMatchObject({ why: { why: 'device-ended', entry: 5 } });
  });
});

describe('the shop’s key', () => {
  const NEW = edKey(10);
  const keyLeaf = (change: Partial<Extract<Leaf, { what: 'key' }>>): Leaf => ({
    ...{ what: 'key', key: NEW.key, why: 'changed', before: SHOP_KEY.key, signature: null, notAfter: null, at: '2026-11-21T08:00:00.000Z' },
    ...change,
  });
  function changed(leaf: Leaf) {
    const { tree, early } = twice();
    tree.add([leaf]);
    return check(recordOf(CHAIN, tree.seal(DEVICES, [early.seal?.treeHead.size ?? 0], NEW)), early);
  }

  test('is handed over by the old one, or said to be changed without it on every file', () => {
    const signature = SHOP_KEY.sign(keyHandedOver(SHOP, { key: NEW.key, before: SHOP_KEY.key }));
    expect(changed(keyLeaf({ signature }))).toMatchObject({ signed: { older: 'continued', notes: [{ what: 'key-changed' }] } });
    expect(changed(keyLeaf({}))).toMatchObject({ why: { why: 'key-not-handed-over' } });
    expect(changed(keyLeaf({ why: 'lost' }))).toMatchObject({ signed: { notes: [{ what: 'key-lost' }] } });
  });

  test('stolen: what only the old one says of a later tree is not proved, what it said before is', () => {
    expect(changed(keyLeaf({ why: 'stolen', notAfter: 5 }))).toMatchObject({ signed: { older: 'continued' } });
    expect(changed(keyLeaf({ why: 'stolen', notAfter: 2 }))).toMatchObject({ signed: { older: 'not-compared' } });
  });
});
