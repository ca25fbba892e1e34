import type { SignedBy } from '@kesto/contract';
import type { EntryContent3, Statement } from '@kesto/core';
import { deviceKeys, isSignedBy, saidText, wasGood } from '@kesto/core/tree';
import type { ShopWork } from '../shopWork';

/**
 * A device's signature over what was said, where the shop's chain knows its key and the signature holds. One that does not hold is not kept:
 * the entry is taken without it, and whoever checks it is told that nobody signed.
 */
export async function signatureOf(
  { shopId, ledger }: ShopWork,
  said: Statement,
  signed: SignedBy | undefined,
): Promise<EntryContent3['signature']> {
  if (!signed) return null;
  const { device, alg, value } = signed;
  const key = deviceKeys(await ledger.of({ of: 'shop', id: shopId })).find((one) => one.device === device);
  const isOwn = key !== undefined && wasGood(key, said) && key.alg === alg && key.person === said.person;
  return isOwn && isSignedBy(key, saidText(said), value) ? { device, alg, value } : null;
}
