import type { PutCommentRequest } from '@kesto/contract';
import type { AnyLink, ChainId } from '@kesto/core';
import { requestHash, sameOrConflict } from '../../platform/db/idempotency';
import { AppError, notFound } from '../../platform/errors';
import { append, authorOf, type Author } from '../ledger';
import type { ShopWork } from '../shopWork';

interface Comment {
  readonly chain: ChainId & { readonly of: 'joint' | 'job' };
  readonly entryId: string;
  readonly person: Author;
  readonly body: PutCommentRequest;
  readonly now: Date;
  readonly offsetS: number | null;
}

/** Reading goes on for years: a record does not fill up with what is said of it. */
const MOST_COMMENTS = 200;

const isComment = ({ content }: AnyLink) => 'said' in content && content.said.kind === 'commented';

/** Adds what somebody has to say of a record that has begun. Repeating it changes nothing. */
export async function addComment(shop: ShopWork, { chain, entryId, person, body, now, offsetS }: Comment): Promise<AnyLink> {
  const held = chain.of === 'job' ? await shop.jobs.lock(chain.id) : await shop.joints.lock(chain.id);
  if (!held) throw notFound(chain.of === 'job' ? 'This job' : 'This joint');
  const hash = requestHash({ chain, ...body });
  const before = await shop.ledger.taken(chain.of, entryId);
  if (before) {
    sameOrConflict(before.requestHash, hash, 'entry');
    return before.link;
  }
  const links = await shop.ledger.of(chain);
  if (links.length === 0) throw new AppError('OUT_OF_ORDER', 'There is no record yet to say anything of.', 'text');
  if (links.filter(isComment).length >= MOST_COMMENTS)
    throw new AppError('FULL', `A record keeps at most ${MOST_COMMENTS} comments.`, 'text');
  return append(shop, links, {
    ...{ chain, id: entryId, kind: 'commented', told: { text: body.text }, requestHash: hash },
    ...{ person: authorOf(person), deviceTime: body.deviceTime, now, offsetS },
    ...(body.seen ? { seen: body.seen } : {}),
    signed: body.signed,
  });
}
