import type { EraseRequest } from '@kesto/contract';
import { commitmentsIn, isLedgerLink, type AnyLink, type ChainId, type LedgerLink } from '@kesto/core';
import { requestHash, sameOrConflict } from '../../platform/db/idempotency';
import { AppError, notFound } from '../../platform/errors';
import type { ShopWork } from '../shopWork';
import { append, authorOf, type Author } from './append';

export interface AskedToErase {
  readonly chain: ChainId;
  readonly entryId: string;
  readonly person: Author;
  readonly body: EraseRequest;
  readonly now: Date;
  readonly offsetS: number | null;
}

const idOf = (link: AnyLink) => (isLedgerLink(link) ? link.content.said.id : link.content.id);

/** Every card of whoever wrote an entry, in the whole chain: a name that is erased in one place alone is not erased. */
function cardsOf(links: readonly AnyLink[], { content }: LedgerLink): readonly string[] {
  const { author } = content;
  if (author === 'kesto') return [];
  const all = links.filter(isLedgerLink).map((link) => link.content.author);
  return all.flatMap((other) => (other !== 'kesto' && other.person === author.person ? [other.card.words] : []));
}

/** What is erased: the words of an entry, or the name of whoever wrote it. */
function wordsToErase(links: readonly AnyLink[], { entry, what }: EraseRequest): readonly string[] {
  const link = links.find((one) => idOf(one) === entry);
  if (!link) throw new AppError('INVALID_INPUT', 'entry is not one of this record', 'entry');
  if (!isLedgerLink(link)) {
    throw new AppError('INVALID_INPUT', 'entry is of a format that holds its words in itself: they cannot be taken out of it', 'entry');
  }
  const { said } = link.content;
  const named = what === 'name' ? cardsOf(links, link) : commitmentsIn([said.told, said.corrects]);
  const standing = new Set(links.filter(isLedgerLink).flatMap(({ beside }) => Object.keys(beside)));
  const words = [...new Set(named)].filter((commitment) => standing.has(commitment));
  if (words.length === 0) throw new AppError('INVALID_INPUT', 'what: the entry has none that are still kept', 'what');
  return words;
}

/** Takes words away for good; the chain says who did and why, and goes on holding. The same again changes nothing. */
export async function eraseWords(shop: ShopWork, { chain, entryId, person, body, now, offsetS }: AskedToErase): Promise<void> {
  const held = chain.of === 'job' ? await shop.jobs.lock(chain.id) : await shop.joints.lock(chain.id);
  if (!held) throw notFound('This record');
  const hash = requestHash({ chain, ...body });
  const before = await shop.ledger.taken(chain.of, entryId);
  if (before) return sameOrConflict(before.requestHash, hash, 'entry');
  const links = await shop.ledger.of(chain);
  const what = wordsToErase(links, body);
  await append(shop, links, {
    ...{ chain, id: entryId, kind: 'erased', told: { what, why: body.why }, requestHash: hash },
    ...{ person: authorOf(person), deviceTime: null, offsetS, now },
  });
  await shop.ledger.erase(chain, what);
}
