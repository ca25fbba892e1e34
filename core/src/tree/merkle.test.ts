import { hexToBytes } from '@noble/hashes/utils.js';
import {
  consistencyRanges,
  edgeOf,
  EMPTY_ROOT,
  inclusionRanges,
  isContinued,
  isIncluded,
  leafBytesHash,
  leafHash,
  nodesAdded,
  rangeHash,
  subtreesOf,
  type NodeAt,
} from './merkle';

/** A tree kept by its complete subtrees, as a shop's is. */
function grown(leaves: readonly string[]): NodeAt {
  const nodes = new Map<string, string>();
  const nodeAt: NodeAt = ({ level, index }) => nodes.get(`${level}/${index}`) ?? '';
  for (const [i, leaf] of leaves.entries())
    for (const { level, index, hash } of nodesAdded(i, [leaf], nodeAt)) nodes.set(`${level}/${index}`, hash);
  return nodeAt;
}

/** Published with the first implementation of RFC 6962: eight leaves, the root of each beginning, paths and proofs. */
const LEAVES = ['', '00', '10', '2021', '3031', '40414243', '5051525354555657', '606162636465666768696a6b6c6d6e6f'];
const ROOTS = [
  '6e340b9cffb37a989ca544e6bb780a2c78901d3fb33738768511a30617afa01d',
  'fac54203e7cc696cf0dfcb42c92a1d9dbaf70ad9e621f4bd8d98662f00e3c125',
  'aeb6bcfe274b70a14fb067a5e5578264db0fa9b51af5e0ba159158f329e06e77',
  'd37ee418976dd95753c1c73862b9398fa2a2cf9b4ff0fdfe8b30cd95209614b7',
  '4e3bbb1f7b478dcfe71fb631631519a3bca12c9aefca1612bfce4c13a86264d4',
  '76e67dadbcdf1e10e1b74ddc608abd2f98dfb16fbce75277b5232a127f2087ef',
  'ddb89be403809e325750d3d263cd78929c2942b7942a34b77e122c9594a74c8c',
  '5dc9da79a70659a9ad559cb701ded9a2ab9d823aad2f4960cfe370eff4604328',
];
const [N0, N1] = [
  '96a296d224f285c67bee93c30f8a309157f0daa35dc5b87e410b78630a09cfc7',
  '5f083f0a1a33ca076a95279832580db3e0ef4584bdff1f54c8a360f50de3031e',
];
const N4_7 = '6b47aaf29ee3c2af9af889bc1fb9254dabd31177f16232dd6aab035ca39bf6e4';
const N4 = 'bc1a0643b12e4d2d7c77918f44e0f4f79a838b6cf9ec5b5c283e1f4d88599e6b';
const N6_7 = 'ca854ea128ed050b41b35ffc1b87b8eb2bde461e9e3b5596ece6b9d5975a0ae0';
const N4_5 = '0ebc5d3437fbe2db158b9f126a1d118e308181031d0a949f8dededebc558ef6a';

describe('the published tree of eight leaves', () => {
  const leaves = LEAVES.map((hex) => leafBytesHash(hexToBytes(hex)));
  const nodeAt = grown(leaves);
  const pathOf = (index: number, size: number) => inclusionRanges(index, size).map((range) => rangeHash(range, nodeAt));
  const proofOf = (first: number, second: number) => consistencyRanges(first, second).map((range) => rangeHash(range, nodeAt));

  test('has the published root at each size', () => {
    expect(ROOTS.map((_root, i) => rangeHash({ start: 0, end: i + 1 }, nodeAt))).toEqual(ROOTS);
    expect(EMPTY_ROOT).toBe('e3b0c44298fc1c149afbf4c8996fb92427ae41e4649b934ca495991b7852b855');
  });
  test.each([
    [0, 8, [N0, N1, N4_7]],
    [5, 8, [N4, N6_7, ROOTS[3]]],
    [2, 3, [ROOTS[1]]],
    [1, 5, [ROOTS[0], N1, N4]],
    [0, 1, []],
  ])('leaf %i in %i', (index, size, path) => expect(pathOf(index, size)).toEqual(path));
  test.each([
    [1, 8, [N0, N1, N4_7]],
    [6, 8, [N4_5, N6_7, ROOTS[3]]],
    [2, 5, [N1, N4]],
    [8, 8, []],
  ])('%i continued to %i', (first, second, proof) => expect(proofOf(first, second)).toEqual(proof));
});

describe('every leaf of every size, every pair of sizes', () => {
  const most = 40;
  const leaves = Array.from({ length: most }, (_leaf, i) => leafHash(`leaf ${i}`));
  const nodeAt = grown(leaves);
  const treeOf = (size: number) => ({ size, root: rangeHash({ start: 0, end: size }, nodeAt) });
  const flipped = (hash = '') => `${hash.startsWith('0') ? '1' : '0'}${hash.slice(1)}`;

  test('is proved, and by nothing else', () => {
    for (let size = 1; size <= most; size += 1) {
      for (let index = 0; index < size; index += 1) {
        const proof = inclusionRanges(index, size).map((range) => rangeHash(range, nodeAt));
        const leaf = { hash: leaves[index] ?? '', index };
        expect(isIncluded(leaf, treeOf(size), proof)).toBe(true);
        expect(isIncluded({ ...leaf, hash: flipped(leaf.hash) }, treeOf(size), proof)).toBe(false);
        expect(isIncluded({ ...leaf, index: (index + 1) % size }, treeOf(size), proof)).toBe(size === 1);
        expect(isIncluded(leaf, treeOf(size), [...proof, leaf.hash])).toBe(false);
        if (proof.length > 0) expect(isIncluded(leaf, treeOf(size), [flipped(proof[0]), ...proof.slice(1)])).toBe(false);
      }
    }
  });

  test('a longer tree is proved to begin with a shorter one, and with no other', () => {
    for (let second = 1; second <= most; second += 1) {
      for (let first = 1; first <= second; first += 1) {
        const proof = consistencyRanges(first, second).map((range) => rangeHash(range, nodeAt));
        expect(isContinued(treeOf(first), treeOf(second), proof)).toBe(true);
        const other = { size: first, root: flipped(treeOf(first).root) };
        expect(isContinued(other, treeOf(second), proof)).toBe(false);
        expect(isContinued(treeOf(first), { size: second, root: flipped(treeOf(second).root) }, proof)).toBe(false);
        if (proof.length > 0) expect(isContinued(treeOf(first), treeOf(second), proof.slice(1))).toBe(false);
      }
    }
  });
});

test('a proof over ten million leaves asks for at most 64 subtrees', () => {
  const counts = [0, 1, 4_999_999, 8_388_607, 8_388_608, 9_999_998, 9_999_999].map(
    (index) => inclusionRanges(index, 10_000_000).flatMap(subtreesOf).length,
  );
  const continued = [1, 3, 4_194_305, 8_388_607, 9_999_999].map((first) => consistencyRanges(first, 10_000_000).flatMap(subtreesOf).length);
  expect(Math.max(...counts, ...continued)).toBeLessThanOrEqual(64);
  expect(edgeOf(10_000_000).length).toBeLessThanOrEqual(24);
});
