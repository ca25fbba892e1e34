import type { Chain } from '@kesto/core';
import type { Leaf } from '@kesto/core/tree';
import { EntitySchema } from 'typeorm';
import { column, key, nullable, shopId } from './columns';

/** PostgreSQL's numbers of eight bytes come as text. */
type Big = number | string;

export interface TreeLeafRow {
  readonly shopId: string;
  readonly place: Big;
  readonly what: Leaf['what'];
  readonly chain: Chain | null;
  readonly chainId: string | null;
  readonly sequence: number | null;
  readonly entry: string | null;
  /** To the letter what is hashed. */
  readonly leaf: string;
}
export interface TreeNodeRow {
  readonly shopId: string;
  readonly level: number;
  readonly place: Big;
  readonly hash: string;
}
export interface TreeHeadRow {
  readonly shopId: string;
  readonly size: Big;
  readonly epoch: number;
  readonly root: string;
  readonly time: Date;
  readonly name: string;
  readonly key: string;
  readonly signature: string;
}
export interface ChainGrownRow {
  readonly shopId: string;
  readonly chain: Chain;
  readonly chainId: string;
}
export interface TreeGivenRow extends ChainGrownRow {
  readonly size: Big;
}

export const TreeLeaves = new EntitySchema<TreeLeafRow>({
  name: 'tree_leaf',
  columns: {
    shopId,
    place: key('bigint'),
    what: column('text'),
    chain: nullable('text'),
    chainId: nullable('uuid'),
    sequence: nullable('integer'),
    entry: nullable('text'),
    leaf: column('text'),
  },
});
export const TreeNodes = new EntitySchema<TreeNodeRow>({
  name: 'tree_node',
  columns: { shopId, level: key('smallint'), place: key('bigint'), hash: column('text') },
});
export const TreeHeads = new EntitySchema<TreeHeadRow>({
  name: 'tree_head',
  columns: {
    shopId,
    size: key('bigint'),
    epoch: column('integer'),
    root: column('text'),
    time: column('timestamptz'),
    name: column('text'),
    key: column('text'),
    signature: column('text'),
  },
});
export const TreeGiven = new EntitySchema<TreeGivenRow>({
  name: 'tree_given',
  columns: { shopId, chain: key('text'), chainId: key('uuid'), size: key('bigint') },
});
export const ChainsGrown = new EntitySchema<ChainGrownRow>({
  name: 'chain_grown',
  columns: { shopId, chain: key('text'), chainId: key('uuid') },
});

export const JointsStale = new EntitySchema<{ readonly shopId: string; readonly jointId: string }>({
  name: 'joint_stale',
  columns: { shopId, jointId: key('uuid') },
});

export const LabelsGiven = new EntitySchema<{
  readonly shopId: string;
  readonly jointId: string;
  readonly sequence: number;
  readonly head: string;
}>({
  name: 'label_given',
  columns: { shopId, jointId: key('uuid'), sequence: key('integer'), head: column('text') },
});

export const TREE_ROWS = [TreeLeaves, TreeNodes, TreeHeads, TreeGiven, ChainsGrown, JointsStale, LabelsGiven];
