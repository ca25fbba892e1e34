import { effectiveTime } from '../ledger/effectiveTime';
import type { LedgerLink } from '../ledger/entry';
import { openWords } from '../ledger/openWords';
import { todaysKind, todaysValues } from './formerWords';
import type { EntryKind, EntryPhoto, RecordEntry } from './chain';

/** A link of a joint's chain to the letter that was hashed, of any format: read by `readEntry`. */
export type JointLink = RecordEntry | LedgerLink;

/** Whoever wrote it; Kesto's own entries have this in a person's place. */
export const KESTO = { id: 'kesto', name: 'Kesto' } as const;

/** A link as today's program reads it, whatever its format. What is hashed, shown as its hash or given away is the link, never this. */
export interface JointEntry {
  readonly id: string;
  readonly sequence: number;
  readonly kind: EntryKind;
  readonly person: { readonly id: string; readonly name: string };
  /** Whose words they are, who had left the shop before they came; null: that person's own. */
  readonly onBehalfOf: string | null;
  readonly deviceTime: string;
  readonly serverTime: string;
  /** When it was, by both clocks. */
  readonly at: string;
  readonly values: Readonly<Record<string, unknown>>;
  readonly photos: readonly EntryPhoto[];
  /** The entry this one corrects or strikes out, and why. */
  readonly corrects: { readonly entry: string; readonly why: string } | null;
  /** Commitments of words that are no longer kept. */
  readonly erased: readonly string[];
}

export const isLedgerLink = (link: { readonly content: { readonly format: number } }): link is LedgerLink => link.content.format === 3;

/** What every link says of itself, whatever its chain and format. */
export function saidBy({ content, beside }: LedgerLink) {
  const { said, author, at } = content;
  const told = openWords(said.told, beside);
  const card = openWords(author === 'kesto' ? '' : author.card, beside);
  const why = openWords(said.corrects?.why ?? '', beside);
  return {
    id: said.id,
    sequence: content.sequence,
    person: author === 'kesto' ? KESTO : { id: author.person, name: String(card.value) },
    onBehalfOf: said.onBehalfOf,
    deviceTime: said.deviceTime ?? at.server,
    serverTime: at.server,
    at: effectiveTime({ device: said.deviceTime, server: at.server, offsetS: at.offsetS }, null),
    told: told.value as Readonly<Record<string, unknown>>, // cast: a statement tells an object
    photos: content.photos,
    corrects: said.corrects ? { entry: said.corrects.entry, why: String(why.value) } : null,
    erased: [...told.gone, ...card.gone, ...why.gone],
  };
}

/** A link of a joint's chain, of any format, in today's ids and with its words in place. */
export function readEntry(link: JointLink): JointEntry {
  if (isLedgerLink(link)) {
    const { told, ...said } = saidBy(link);
    const { kind } = link.content.said;
    const values = kind === 'corrected' ? told['values'] : { ...told, ...link.content.worked?.values };
    return { ...said, kind: kind as EntryKind, values: values as JointEntry['values'] }; // cast: a joint's chain has its kinds alone; a correction tells an object
  }
  const { id, sequence, person, deviceTime, serverTime, photos, corrects, ...content } = link.content;
  const at = effectiveTime({ device: deviceTime, server: serverTime, offsetS: null }, null);
  const read = content.format === 1 ? { kind: todaysKind(content.kind), values: todaysValues(content.values) } : content;
  return {
    ...{ id, sequence, person, deviceTime, serverTime, at, photos, corrects, erased: [], onBehalfOf: null },
    ...{ kind: read.kind as EntryKind, values: read.values }, // cast: format 2 knows today's ids alone
  };
}

/** A joint's chain as it counts: what was struck out is left out, and so is what struck it out. */
export function readChain(links: readonly JointLink[]): readonly JointEntry[] {
  const entries = links.map(readEntry);
  const struck = new Set(entries.filter(({ kind }) => kind === 'struck-out').map(({ corrects }) => corrects?.entry));
  return entries.filter(({ id, kind }) => kind !== 'struck-out' && !struck.has(id));
}
