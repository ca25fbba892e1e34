import type { ChainId } from '@kesto/core';
import { ChainsGrown, JointsStale } from './treeRows';
import type { ShopTransaction } from './shop';

// Both also where the row is there: whoever takes it off waits for what is being noted.

/** Something was noted of a joint: the row it is found again by is worked out anew before it is asked for. */
export async function keepStale({ shopId, manager }: ShopTransaction, jointId: string): Promise<void> {
  const rows = manager.createQueryBuilder().insert().into(JointsStale).values({ shopId, jointId });
  await rows.orUpdate(['joint_id'], ['shop_id', 'joint_id']).execute();
}

/** A chain grew: it is sealed next, and a joint's row is worked out anew. */
export async function keepGrown(transaction: ShopTransaction, { of: chain, id: chainId }: ChainId): Promise<void> {
  const { shopId, manager } = transaction;
  const rows = manager.createQueryBuilder().insert().into(ChainsGrown).values({ shopId, chain, chainId });
  await rows.orUpdate(['chain'], ['shop_id', 'chain', 'chain_id']).execute();
  if (chain === 'joint') await keepStale(transaction, chainId);
}
