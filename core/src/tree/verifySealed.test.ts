import type { LedgerLink } from '../ledger/entry';
import { DEVICES, device, edKey, entryLeaf, FIVE, headLeaf, JOINT, recordOf, SHOP, shopTree, signedChain } from '../testing/sealed';
import { CHAIN, check, SHOP_KEY } from '../testing/sealedChecks';
import { keyWords } from './fingerprint';
import { writeLabel, type Label } from './label';
import { labelText } from './labelSignature';
import { keyHandedOver, type Leaf } from './leaf';
import { readOlderText } from './older';
import { verifySealedRecord } from './verifySealed';

/** Sealed after three of five entries, then after all. */
function twice() {
  const tree = shopTree(SHOP_KEY, DEVICES.map(entryLeaf));
  tree.add([headLeaf(CHAIN, 3)]);
  const early = recordOf(CHAIN.slice(0, 3), tree.seal(DEVICES));
  tree.add([headLeaf(CHAIN)]);
  return { tree, early, late: recordOf(CHAIN, tree.seal(DEVICES, [early.seal?.treeHead.size ?? 0])) };
}

test('a sealed record says whose it is, by when, and that what was kept before is its beginning', () => {
  const { early, late } = twice();
  expect(check(late, early)).toMatchObject({
    reached: expect.arrayContaining(['signed']) as unknown,
    signed: {
      shop: { name: 'Harbour Cold', id: SHOP },
      older: 'continued',
      bySignature: 4,
      notSigned: [],
      devices: [
        { device: device(2), name: 'Ilta Varro', vouchedBy: [] },
        { device: device(1), name: 'Ilta Varro', vouchedBy: ['Ilta Varro'] },
      ],
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
      expect(check({ ...forged, seal: null }, early)).toMatchObject({ why: { why: 'chain-made-anew', entry: 1 } });
    }
  });

  test('a newer one is said to be newer, and a tree without the proof to be not compared', () => {
    expect(check(early, late)).toMatchObject({ signed: { older: 'not-compared', notes: [{ what: 'this-is-older' }] } });
    const seal = late.seal && { ...late.seal, continued: [] };
    expect(check({ ...late, seal }, early)).toMatchObject({ signed: { notes: [{ what: 'no-proof-from-there' }] } });
  });

  test('a smaller tree under another key, or of the same key, is not excused as an older copy', () => {
    const anew = signedChain(JOINT, FIVE.slice(0, 2), 20);
    for (const [key, why] of [
      [edKey(8), 'older-key-unknown'],
      [SHOP_KEY, 'chain-made-anew'],
    ] as const) {
      const tree = shopTree(key, DEVICES.map(entryLeaf));
      tree.add([headLeaf(anew)]);
      const forged = recordOf(anew, tree.seal(DEVICES));
      expect(forged.seal?.treeHead.size).toBeLessThan(late.seal?.treeHead.size ?? 0);
      const kept = { ...late, seal: late.seal ? { ...late.seal, continued: [] } : null };
      expect(check(forged, kept)).toMatchObject({ why: { why } });
    }
  });

  test('a copy that is older in truth is the beginning of what was kept, and one of that size with another root is not', () => {
    const { tree } = twice();
    const small = tree.size - 1;
    const kept = recordOf(CHAIN, tree.seal(DEVICES, [small]));
    const other = shopTree(SHOP_KEY, DEVICES.map(entryLeaf));
    other.add([headLeaf(CHAIN, 2)]);
    expect(other.size).toBe(small);
    expect(check(recordOf(CHAIN.slice(0, 2), other.seal(DEVICES)), kept)).toMatchObject({ why: { why: 'tree-made-anew' } });
  });

  test('a label counts by the shop’s signature, where it carries one', () => {
    const said = { tag: 'CR2-07', sequence: 3, head: CHAIN[2]!.hash, key: SHOP_KEY.key.slice(0, 16) };
    const by = (label: Partial<Label>, signature: string | null) => {
      const text = writeLabel({ ...said, ...label, signature });
      const result = verifySealedRecord(late, { older: (chains) => readOlderText(text, chains) });
      return result.ok ? (result.value.intact ? 'holds' : result.value.firstBroken.why) : 'refused';
    };
    const signed = SHOP_KEY.sign(labelText(said));
    expect(by({}, signed)).toBe('holds');
    expect(by({}, null)).toBe('holds');
    expect(by({ sequence: 2, head: CHAIN[1]!.hash }, signed)).toBe('older-not-signed');
    expect(by({ key: 'ab'.repeat(8) }, signed)).toBe('older-key-unknown');
    expect(by({ head: 'f'.repeat(64) }, null)).toBe('chain-made-anew');
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
