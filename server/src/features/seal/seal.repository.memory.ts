import type { ChainId, Head } from '@kesto/core';
import { sortedBy, type MemoryRows } from '../../platform/memory/rows';
import type { PlacedLeaf, SealRepository } from './seal.repository';

const isOne = (chains: readonly ChainId[], { of, id }: ChainId) => chains.some((chain) => chain.of === of && chain.id === id);

export function memorySeal(rows: MemoryRows): SealRepository {
  const { treeLeaves, treeNodes, treeHeads, treeGiven } = rows;
  const headOf = ({ of, id }: ChainId): Head => {
    const own = rows.links.filter(({ link: { content } }) => content.chain.of === of && content.chain.id === id);
    const last = sortedBy(own, ({ link }) => link.content.sequence).at(-1)?.link;
    return { of, id, sequence: last?.content.sequence ?? 0, hash: last?.hash ?? '' };
  };
  const newestOf = (chain: ChainId): readonly PlacedLeaf[] =>
    treeLeaves.filter(({ leaf }) => leaf.what === 'head' && isOne([chain], leaf)).slice(-1);
  return {
    lock: async () => undefined,
    async takeGrown(most, first) {
      const asked = rows.chainsGrown.filter((chain) => isOne(first, chain));
      const taken = asked.length > 0 ? asked : rows.chainsGrown.slice(0, most);
      rows.chainsGrown = rows.chainsGrown.filter((chain) => !isOne(taken, chain));
      return taken.map(headOf);
    },
    hasGrown: async () => rows.chainsGrown.length > 0,
    newestHead: async () => treeHeads.at(-1) ?? null,
    nodes: async (subtrees) => treeNodes.filter(({ level, index }) => subtrees.some((one) => one.level === level && one.index === index)),
    async add(leaves, nodes, head) {
      treeLeaves.push(...leaves);
      treeNodes.push(...nodes);
      treeHeads.push(head);
    },
    changes: async () => treeLeaves.filter(({ leaf }) => leaf.what === 'key' || leaf.what === 'restored'),
    newestOf: async (chains) => chains.flatMap(newestOf),
    entries: async (hashes) => treeLeaves.filter(({ leaf }) => leaf.what === 'entry' && hashes.includes(leaf.hash)),
    async sealedUpTo(of, id) {
      const [newest] = newestOf({ of, id });
      return newest?.leaf.what === 'head' ? newest.leaf.sequence : 0;
    },
    async gave(size, chains) {
      for (const chain of chains)
        if (!treeGiven.some((given) => given.size === size && isOne([chain], given))) treeGiven.push({ ...chain, size });
    },
    async givenWith(chains, most) {
      const sizes = treeGiven.filter((given) => isOne(chains, given)).map(({ size }) => size);
      return [...new Set(sizes)].toSorted((a, b) => b - a).slice(0, most);
    },
  };
}
