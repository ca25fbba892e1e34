import { useEffect } from 'react';
import { useDispatch } from 'react-redux';
import type { KeepingDispatch } from './thunks';
import { sendKept } from './write';

/** Sends what is kept here when the page opens, comes to the front, or there is a signal again. */
export function useSendKept(): void {
  const dispatch = useDispatch<KeepingDispatch>();
  useEffect(() => {
    const send = () => void dispatch(sendKept());
    send();
    globalThis.addEventListener?.('online', send);
    globalThis.addEventListener?.('focus', send);
    return () => {
      globalThis.removeEventListener?.('online', send);
      globalThis.removeEventListener?.('focus', send);
    };
  }, [dispatch]);
}
