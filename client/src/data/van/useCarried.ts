import { WRAPS, type CarriedWrap } from '@kesto/core';
import { useVanStock } from './api';

const isWrap = (word: string): word is CarriedWrap => (WRAPS as readonly string[]).includes(word);

/** Whether a way to protect a part is on the van: what is no wrap needs none, and of a van of which nobody said its wraps all are taken as carried. */
export function useCarried(): (protection: string) => boolean {
  const wraps = useVanStock().data?.wraps;
  return (protection) => wraps === undefined || !isWrap(protection) || wraps.includes(protection);
}
