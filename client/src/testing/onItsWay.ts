import { act } from '@testing-library/react-native';
import { keptHere } from '@/outbox/slice';
import type { makeStore } from '@/store/store';

/** Something about this thing is kept here and on its way; null: it has arrived. */
export const isOnItsWay = ({ dispatch }: ReturnType<typeof makeStore>, about: string | null) =>
  act(async () => {
    const command = { id: 'c1', route: 'putStageEntry', params: {}, body: {}, needs: [], about: [about], by: 'p1' };
    dispatch(keptHere(about === null ? [] : [{ ...command, state: { status: 'waiting', tries: 0 } } as never])); // cast: what is asked of it
  });
