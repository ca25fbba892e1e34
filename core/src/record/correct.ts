import type { JointEntry } from './jointEntry';

/** The entry that a correction is about in the end: a correction of a correction is one of the entry behind both. */
export function correctedEntry(entries: readonly JointEntry[], id: string): JointEntry | undefined {
  const found = entries.find((entry) => entry.id === id);
  return found?.corrects ? correctedEntry(entries.slice(0, entries.indexOf(found)), found.corrects.entry) : found;
}

/** What an entry says after all corrections of it, the last one counting. */
export function valuesNow(entries: readonly JointEntry[], entry: JointEntry): Readonly<Record<string, unknown>> {
  const corrections = entries.filter(({ corrects }) => corrects && correctedEntry(entries, corrects.entry)?.id === entry.id);
  return Object.assign({}, entry.values, ...corrections.map((c) => c.values)) as Record<string, unknown>; // cast: entries carry values by key
}
