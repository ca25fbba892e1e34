import type { EntryKind, Told } from '@kesto/core';

/** Whose record this one goes on from, and where that stood; null for other kinds. */
export function goesOnText(kind: EntryKind, values: Readonly<Record<string, unknown>>): string | null {
  if (kind !== 'goes-on-from') return null;
  const { shopName, tag, sequence, head } = values as Told<'goes-on-from'>; // cast: the schema of this kind
  const whose = shopName === null ? 'an unsealed file' : shopName;
  return `${tag} as ${whose} gave it, ${sequence === 1 ? 'one entry' : `${sequence} entries`}, ends in ${head.slice(0, 12)}`;
}
