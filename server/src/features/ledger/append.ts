import type { SignedBy } from '@kesto/contract';
import {
  commit,
  effectiveTime,
  isLedgerLink,
  LEDGER_FORMAT,
  makeStatement,
  RULES,
  sealLink,
  type AnyLink,
  type Beside,
  type ChainId,
  type EntryContent3,
  type Fields,
  type Head,
  type KeptStage,
  type KindId,
  type LedgerLink,
  type Salt,
  type WorkedOut,
} from '@kesto/core';
import type { KeptPhoto } from '../photos';
import type { ShopWork } from '../shopWork';
import { signatureOf } from './signature';

/** Who writes; `onBehalfOf`: whose words they are, who has left the shop. */
export interface Author {
  readonly id: string;
  readonly name: string;
  readonly onBehalfOf?: string;
}

/** Of a signed-in person what an entry says. */
export const authorOf = ({ id, name, onBehalfOf }: Author): Author => ({ id, name, ...(onBehalfOf ? { onBehalfOf } : {}) });

/** By whom, and when by both clocks. */
export interface SaidBy {
  readonly person: Author | 'kesto';
  readonly deviceTime: string | null;
  /** How far the server's clock was ahead of the device's [s]; null where nobody said. */
  readonly offsetS: number | null;
  readonly now: Date;
}

export interface ToAppend extends SaidBy {
  readonly chain: ChainId;
  readonly id: string;
  readonly kind: KindId;
  readonly stage?: KeptStage;
  /** That fit the kind's fields. */
  readonly told: Readonly<Record<string, unknown>>;
  /** Of a correction: the fields of what it corrects. */
  readonly anew?: Fields;
  readonly corrects?: { readonly entry: string; readonly why: string };
  readonly photos?: readonly KeptPhoto[];
  readonly worked?: WorkedOut;
  readonly because?: EntryContent3['because'];
  readonly seen?: readonly Head[];
  readonly requestHash: string;
  /** What the device signed, where it has a key. */
  readonly signed?: SignedBy | undefined;
}

/** A name's card: the one that stands in the chain already, so that one erasure takes all of it, else a new one. */
function cardOf(before: readonly AnyLink[], { id, name }: { readonly id: string; readonly name: string }, salt: Salt) {
  for (const link of before.filter(isLedgerLink)) {
    const { author } = link.content;
    const stands = author !== 'kesto' && author.person === id ? link.beside[author.card.words] : undefined;
    if (author !== 'kesto' && stands?.words === name) return { commitment: author.card, beside: { [author.card.words]: stands } };
  }
  return commit(name, salt);
}

const takenAt = ({ content }: AnyLink) => ('said' in content ? content.at.server : content.serverTime);

/** The server's time: never earlier than the entry before, whatever its clock does. */
function serverTime(now: Date, before: readonly AnyLink[]): string {
  const last = before.at(-1);
  const earliest = last ? takenAt(last) : '';
  return earliest > now.toISOString() ? earliest : now.toISOString();
}

/** Salts as the device took them, in their order; where it took none, or too few, fresh ones. */
function saltsOf(shop: ShopWork, signed: SignedBy | undefined): Salt {
  const salts = [...(signed?.salts ?? [])];
  return () => salts.shift() ?? shop.salt();
}

/** What was said, as its device made it and signed it. */
function statementOf(shop: ShopWork, what: ToAppend) {
  const { chain, id, kind, stage, told, anew, corrects, photos = [], person, deviceTime, seen } = what;
  const who = person === 'kesto' ? { person: null, onBehalfOf: null } : { person: person.id, onBehalfOf: person.onBehalfOf ?? null };
  const sent = photos.map((photo) => photo.sent);
  return makeStatement(
    { ...{ shop: shop.shopId, chain, id, kind, stage, told, anew, corrects, photos: sent, deviceTime, seen }, ...who },
    saltsOf(shop, what.signed),
  );
}

/** Adds one link to a chain whose row the caller holds. */
export async function append(shop: ShopWork, before: readonly AnyLink[], what: ToAppend): Promise<LedgerLink> {
  const { chain, person, photos = [], deviceTime, offsetS } = what;
  const { said, beside: words } = statementOf(shop, what);
  const card = person === 'kesto' ? null : cardOf(before, person, shop.salt);
  const server = serverTime(what.now, before);
  const content: EntryContent3 = {
    ...{ format: LEDGER_FORMAT, rules: RULES, chain, sequence: before.length + 1, previous: before.at(-1)?.hash ?? null },
    said,
    because: what.because ?? null,
    author: person === 'kesto' || !card ? 'kesto' : { person: person.id, card: card.commitment },
    worked: what.worked ?? null,
    photos: photos.map(({ sha256, mediaType, bytes, sent }) => ({ sha256, mediaType, bytes, sent })),
    ...{ at: { server, offsetS }, signature: await signatureOf(shop, said, what.signed) },
  };
  const beside: Beside = { ...words, ...card?.beside };
  const link = sealLink(content, beside);
  await shop.ledger.add(link, {
    ...{ result: textAt(what.told, 'result') ?? textAt(what.worked?.values ?? {}, 'torch'), place: textAt(what.told, 'place') },
    requestHash: what.requestHash,
    writer: person === 'kesto' ? null : person.name,
    at: effectiveTime({ device: deviceTime, server, offsetS }, null),
  });
  return link;
}

const textAt = (values: Readonly<Record<string, unknown>>, key: string): string | null =>
  typeof values[key] === 'string' ? values[key] : null;
