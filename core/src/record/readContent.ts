import type { EntryContent, EntryKind, FormerKind, SealedContent } from './chain';

/** What entries of format 1 called what has an id since. */
const KINDS: Readonly<Record<Exclude<FormerKind, EntryKind>, EntryKind>> = {
  'looked at': 'looked-at',
  'sent back': 'sent-back',
  'cut out': 'cut-out',
};

const WORDS: Readonly<Record<string, string>> = {
  'cut out': 'cut-out',
  'ring not closed': 'ring-not-closed',
  'flux left': 'flux-left',
  'not fully home': 'not-fully-home',
  'base metal melted': 'base-metal-melted',
};
/** Keys whose values were words where they are ids today; what people wrote is left as it is. */
const IDS_AT = ['result', 'findings'];

const todays = (value: unknown): unknown =>
  Array.isArray(value) ? value.map(todays) : typeof value === 'string' ? (WORDS[value] ?? value) : value;

/** An entry's kind as it was kept in any format, in today's ids. */
export const todaysKind = (kind: string): EntryKind => (KINDS as Readonly<Record<string, EntryKind>>)[kind] ?? (kind as EntryKind); // cast: what is no former kind is one of today's

/** Values of a look as they were kept in any format, in today's ids. */
export const todaysValues = (values: Readonly<Record<string, unknown>>): Readonly<Record<string, unknown>> =>
  Object.fromEntries(Object.entries(values).map(([key, value]) => [key, IDS_AT.includes(key) ? todays(value) : value]));

/**
 * A link of the chain as today's program reads it: kinds and verdicts of format 1 in today's ids. What is hashed, shown as its hash or
 * given away is the sealed content, never this.
 */
export function readContent(content: SealedContent): EntryContent {
  if (content.format === 2) return content as EntryContent; // cast: format 2 knows today's kinds alone
  return { ...content, kind: todaysKind(content.kind), values: todaysValues(content.values) };
}
