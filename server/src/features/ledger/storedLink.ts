import { commitmentsIn, type AnyLink, type Beside } from '@kesto/core';
import type { StoredLink } from './ledger.repository';

/** A link as everybody sees it, with those of its chain's words that it commits to. */
export function toLink({ content: text, hash }: StoredLink, words: Beside): AnyLink {
  const content = JSON.parse(text) as AnyLink['content']; // cast: written by the ledger alone
  if (content.format !== 3) return { content, hash } as AnyLink; // cast: former links have no words beside
  const own = commitmentsIn(content).flatMap((commitment) => (words[commitment] ? [[commitment, words[commitment]]] : []));
  return { content, hash, beside: Object.fromEntries(own) as Beside } as AnyLink; // cast: as above
}
