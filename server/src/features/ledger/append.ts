import {
  closeWords,
  commit,
  effectiveTime,
  isLedgerLink,
  KINDS,
  LEDGER_FORMAT,
  RULES,
  sealLink,
  shapeOf,
  type AnyLink,
  type Beside,
  type ChainId,
  type Commitment,
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

/** What was told, closed: of a correction, by the fields of what it corrects. */
function closedOf({ kind, told, anew }: ToAppend, salt: Salt) {
  if (!anew) return closeWords(KINDS[kind].told, told, salt);
  const closed = closeWords(anew, told, salt);
  return { told: { values: closed.told }, beside: closed.beside };
}

const takenAt = ({ content }: AnyLink) => ('said' in content ? content.at.server : content.serverTime);

/** The server's time: never earlier than the entry before, whatever its clock does. */
function serverTime(now: Date, before: readonly AnyLink[]): string {
  const last = before.at(-1);
  const earliest = last ? takenAt(last) : '';
  return earliest > now.toISOString() ? earliest : now.toISOString();
}

function statementOf(shopId: string, what: ToAppend, told: EntryContent3['said']['told'], why: Commitment | null): EntryContent3['said'] {
  const { chain, id, kind, stage = null, corrects, photos = [], person, deviceTime } = what;
  return {
    ...{ shop: shopId, chain, id, kind, shape: shapeOf(kind), stage, told, photos: photos.map(({ sent }) => sent) },
    corrects: corrects && why ? { entry: corrects.entry, why } : null,
    ...{
      person: person === 'kesto' ? null : person.id,
      onBehalfOf: person === 'kesto' ? null : (person.onBehalfOf ?? null),
      deviceTime,
      seen: what.seen ?? null,
      drawing: null,
      simulated: false,
    },
  };
}

/** Adds one link to a chain whose row the caller holds. */
export async function append(shop: ShopWork, before: readonly AnyLink[], what: ToAppend): Promise<LedgerLink> {
  const { chain, person, photos = [], deviceTime, offsetS, corrects } = what;
  const { salt } = shop;
  const words = closedOf(what, salt);
  const card = person === 'kesto' ? null : cardOf(before, person, salt);
  const why = corrects ? commit(corrects.why, salt) : null;
  const server = serverTime(what.now, before);
  const content: EntryContent3 = {
    ...{ format: LEDGER_FORMAT, rules: RULES, chain, sequence: before.length + 1, previous: before.at(-1)?.hash ?? null },
    said: statementOf(shop.shopId, what, words.told, why?.commitment ?? null),
    because: what.because ?? null,
    author: person === 'kesto' || !card ? 'kesto' : { person: person.id, card: card.commitment },
    worked: what.worked ?? null,
    photos: photos.map(({ sha256, mediaType, bytes, sent }) => ({ sha256, mediaType, bytes, sent })),
    ...{ at: { server, offsetS }, signature: null },
  };
  const beside: Beside = { ...words.beside, ...card?.beside, ...why?.beside };
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
