import type { EntryKind, EntryKind2, FormerKind } from './chain';

/** What entries of format 1 called what has an id since. */
const KINDS: Readonly<Record<Exclude<FormerKind, EntryKind2>, EntryKind2>> = {
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
