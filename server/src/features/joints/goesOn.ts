import type { PutEntryRequest } from '@kesto/contract';
import type { JointLink, Told } from '@kesto/core';
import { AppError } from '../../platform/errors';
import type { ShopWork } from '../shopWork';

/** A record goes on from another shop's where that is kept here, as its first word, and where that stood as its file has it. */
export async function checkGoesOn(shop: ShopWork, { kind, values }: PutEntryRequest, links: readonly JointLink[]): Promise<void> {
  if (kind !== 'goes-on-from') return;
  if (links.length > 0) throw new AppError('OUT_OF_ORDER', 'This record has begun: it goes on from no other.', 'kind');
  const told = values as Told<'goes-on-from'>; // cast: the schema of this kind
  const file = await shop.imports.byHash(told.file);
  if (!file) throw new AppError('INVALID_INPUT', 'values.file: no record of another shop that is kept here', 'values.file');
  const isThere = file.joints.some(
    ({ chain, tag, sequence, head }) => chain === told.chain && tag === told.tag && sequence === told.sequence && head === told.head,
  );
  if (!isThere) throw new AppError('INVALID_INPUT', 'values.head: not where that record ends', 'values.head');
  const { id = null, name = null, key = null } = file.shop ?? {};
  if (told.shop !== id || told.shopName !== name || told.key !== key)
    throw new AppError('INVALID_INPUT', 'values.shop: not the shop that sealed that record', 'values.shop');
}
