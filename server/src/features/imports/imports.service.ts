import { createHash } from 'node:crypto';
import type { ImportedFile } from '@kesto/contract';
import { chainsInFile, checkFile, type FileCheck } from '@kesto/contract/check';
import { anyBreakText, calcErrorText } from '@kesto/contract/wording';
import { headOf } from '@kesto/core';
import { keyWords } from '@kesto/core/tree';
import { AppError } from '../../platform/errors';
import { audited } from '../audit';
import type { ShopWork } from '../shopWork';
import type { ImportFacts, ImportRow } from './imports.repository';

const refused = (message: string) => new AppError('INVALID_INPUT', message, 'file');

/** The file in every way it can be checked; refused by what it breaks at. */
function intactIn(bytes: Uint8Array): FileCheck['found'] & { readonly intact: true } {
  const checked = checkFile(bytes);
  if (!checked.ok) throw refused(`This file is not taken in: ${checked.errors.map((error) => calcErrorText(error)).join(' ')}`);
  const { found } = checked.value;
  if (!found.intact) throw refused(`This file is not taken in: ${anyBreakText(found.firstBroken.why)}`);
  return found;
}

/** What is kept of a file of another shop. */
export function readImport(bytes: Uint8Array, sha256: string, ownShop: string): Omit<ImportRow, 'personId' | 'at'> {
  if (createHash('sha256').update(bytes).digest('hex') !== sha256) throw refused('The file was altered on its way: send it again.');
  const { signed } = intactIn(bytes);
  if (signed?.shop.id === ownShop) throw refused('This is a record of your own shop: it is here already.');
  const chains = chainsInFile(bytes);
  const job = chains.find(({ of }) => of === 'job');
  const joints = chains.filter(({ of }) => of === 'joint');
  return {
    ...{ sha256, bytes, of: job ? 'job' : 'joint', name: job?.name ?? joints[0]?.name ?? '' },
    shop: signed && { ...signed.shop, key: signed.key, sealedAt: signed.sealedAt },
    joints: joints.map(({ id, name, links }) => {
      const { sequence, hash } = headOf('joint', id, links);
      return { chain: id, tag: name, sequence, head: hash };
    }),
  };
}

export const viewOf = ({ personId: _who, size, at, ...facts }: ImportFacts): ImportedFile => ({
  ...facts,
  keyWords: facts.shop ? keyWords(facts.shop.key) : [],
  bytes: size,
  at: at.toISOString(),
});

/** Keeps it under its hash. Repeating it changes nothing. */
export async function takeIn(shop: ShopWork, row: ImportRow): Promise<ImportedFile | null> {
  const before = await shop.imports.byHash(row.sha256);
  if (!before) {
    await shop.imports.add(row);
    await audited(shop, { what: 'imported', personId: row.personId, about: row.sha256 }, row.at);
  }
  const facts = before ?? (await shop.imports.byHash(row.sha256));
  return facts && viewOf(facts);
}
