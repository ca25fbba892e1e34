import { createSelector } from '@reduxjs/toolkit';
import { useMemo } from 'react';
import { useSelector } from 'react-redux';
import { signedInPerson } from '@/api/sessionApi';
import type { Keeping } from './thunks';
import { isHeld, touches, type Command, type WriteRoute } from './command';

const selectKept = (state: Keeping) => state.outbox;
const selectPerson = (state: Keeping) => signedInPerson(state)?.id ?? null;
const selectUnrefused = createSelector([selectKept, selectPerson], (kept, person) =>
  kept.filter((command) => !isHeld(command) && command.by === person),
);

/** Everything that is kept here, oldest first. */
export const useKept = (): readonly Command[] => useSelector(selectKept);

/** What the person signed in has kept here and is on its way: shown as if it were stored. Another's is shown to that person alone. */
export const useUnrefused = (): readonly Command[] => useSelector(selectUnrefused);

/** Of those, what is about one thing. */
export function usePending(thing: string): readonly Command[] {
  const kept = useUnrefused();
  return useMemo(() => kept.filter((command) => touches(command, thing)), [kept, thing]);
}

/** Whether anything about any of these things has not reached the server yet, which would answer without it. */
export function useIsOnItsWay(things: readonly string[]): boolean {
  return useUnrefused().some((command) => things.some((one) => touches(command, one)));
}

export const bodyOf = <Body>(command: Command): Body => command.body as Body; // cast: every command of a route carries that route's body

export const goes = (route: WriteRoute) => (command: Command) => command.route === route;
