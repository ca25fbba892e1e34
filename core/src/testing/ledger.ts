import { canonicalHash } from '../record/chain';
import { closeWords, commit, KINDS, LEDGER_FORMAT, RULES, sealLink, shapeOf, type AnyLink, type ChainId, type EntryContent3, type KindId, type LedgerLink } from '../ledger'; // prettier-ignore
import type { KeptStage } from '../vocabulary/stage';

let salts = 0;
/** Salts that differ and can be made again. */
export const salt = () => canonicalHash(`salt ${(salts += 1)}`).slice(0, 32);

export interface Said {
  readonly kind: KindId;
  readonly told?: Readonly<Record<string, unknown>>;
  readonly stage?: KeptStage;
  readonly corrects?: { readonly entry: string; readonly why: string };
  readonly device?: string | null;
  readonly server?: string;
  readonly offsetS?: number | null;
  readonly rest?: Partial<EntryContent3>;
}

const AT = '2026-11-24T10:00:00.000Z';

/** The next link of a chain in format 3, as a server would take it. */
export function linkAfter(before: readonly AnyLink[], chain: ChainId, said: Said): LedgerLink {
  const { kind, told = {}, stage = null, corrects, device = AT, server = AT, offsetS = 0, rest = {} } = said;
  const words = closeWords(KINDS[kind].told, told, salt);
  const card = commit('Ilta Varro', salt);
  const why = corrects ? commit(corrects.why, salt) : null;
  const content: EntryContent3 = {
    ...{ format: LEDGER_FORMAT, rules: RULES, chain, sequence: before.length + 1, previous: before.at(-1)?.hash ?? null },
    said: {
      ...{ shop: 's', chain, id: `e${before.length + 1}`, kind, shape: shapeOf(kind), stage, told: words.told, photos: [] },
      corrects: corrects && why ? { entry: corrects.entry, why: why.commitment } : null,
      ...{ person: 'p1', onBehalfOf: null, deviceTime: device, seen: null, drawing: null, simulated: false },
    },
    because: null,
    author: { person: 'p1', card: card.commitment },
    ...{ worked: null, photos: [], at: { server, offsetS }, signature: null },
    ...rest,
  };
  return sealLink(content, { ...words.beside, ...card.beside, ...why?.beside });
}

/** A chain in format 3, after what stands before it. */
export function ledgerChain(chain: ChainId, all: readonly Said[], before: readonly AnyLink[] = []): readonly AnyLink[] {
  const links = [...before];
  for (const said of all) links.push(linkAfter(links, chain, said));
  return links;
}
