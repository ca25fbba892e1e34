import type { Today } from '@kesto/contract/api';
import { useEffect, useRef } from 'react';
import { useDispatch, useSelector } from 'react-redux';
import { api, TAGS } from '@/api/api';
import { sessionApi } from '@/api/sessionApi';
import { sendKept } from '@/outbox';
import { AFTER_OWN_WORK_MS } from '@/state/ownWork';
import { newerIsHere } from '@/state/signal';
import type { AppDispatch, AppThunk, RootState } from '@/store/store';
import { fetchAhead } from './ahead';
import { keepApplication, opensWithoutSignal } from './worker';

const TRY_AGAIN_MS = 10_000;

/** Asks who is signed in: whether the server answers again. */
const lookForSignal = (): AppThunk<Promise<unknown>> => (dispatch) =>
  dispatch(sessionApi.endpoints.me.initiate(undefined, { forceRefetch: true, subscribe: false }));

/** The server answered, whoever asked: what was shown from the device is fetched anew, and what is kept is sent. */
const signalIsBack = (): AppThunk<void> => (dispatch) => {
  dispatch(api.util.invalidateTags([...TAGS]));
  void dispatch(sendKept());
};

/** Keeps the application and today's work on the device, and looks for a signal while there is none. */
export function useOffline(today: Today | undefined, person: string): void {
  const dispatch = useDispatch<AppDispatch>();
  const isLost = useSelector((state: RootState) => state.signal.asOf !== null);
  useEffect(() => keepApplication(() => dispatch(newerIsHere())), [dispatch]);
  useEffect(() => {
    if (!today || isLost || !opensWithoutSignal()) return;
    const later = setTimeout(() => void fetchAhead(person, today), AFTER_OWN_WORK_MS);
    return () => clearTimeout(later);
  }, [today, person, isLost]);
  const wasLost = useRef(false);
  useEffect(() => {
    if (wasLost.current && !isLost) dispatch(signalIsBack());
    wasLost.current = isLost;
  }, [dispatch, isLost]);
  useEffect(() => {
    if (!isLost) return;
    const look = () => void dispatch(lookForSignal());
    const again = setInterval(look, TRY_AGAIN_MS);
    globalThis.addEventListener?.('online', look);
    return () => {
      clearInterval(again);
      globalThis.removeEventListener?.('online', look);
    };
  }, [dispatch, isLost]);
}
