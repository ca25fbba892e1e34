import { useMemo } from 'react';
import type { KeptHere } from '@/ui/station';
import type { Command } from './command';
import { useKept } from './usePending';

/** In one word and a number: what the server does not have yet. */
export function keptHere(kept: readonly Command[]): KeptHere {
  const count = kept.length;
  if (count === 0) return { count, status: 'stored' };
  if (kept.some((command) => command.refused)) return { count, status: 'refused' };
  return { count, status: kept.some((command) => command.stalled) ? 'here' : 'sending' };
}

export function useKeptHere(): KeptHere {
  const kept = useKept();
  return useMemo(() => keptHere(kept), [kept]);
}
