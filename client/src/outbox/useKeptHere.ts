import { useMemo } from 'react';
import { useSelector } from 'react-redux';
import { signedInPerson } from '@/api/sessionApi';
import type { Keeping } from './thunks';
import type { KeptHere } from '@/ui/station';
import { isHeld, type Command } from './command';
import { useKept } from './usePending';

/** In one word and a number: what the server does not have yet. What another person kept here waits for that person, and is not on its way. */
export function keptHere(kept: readonly Command[], person: string | null): KeptHere {
  const count = kept.length;
  if (count === 0) return { count, status: 'stored' };
  const own = kept.filter((command) => command.by === person);
  if (own.some(isHeld)) return { count, status: 'refused' };
  return { count, status: own.length < count || own.some(({ state }) => state.status !== 'waiting') ? 'here' : 'sending' };
}

export function useKeptHere(): KeptHere {
  const kept = useKept();
  const person = useSelector((state: Keeping) => signedInPerson(state)?.id ?? null);
  return useMemo(() => keptHere(kept, person), [kept, person]);
}
