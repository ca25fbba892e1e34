import { useEffect } from 'react';
import { useDispatch } from 'react-redux';
import { letWaitingGo } from '@/api/signIn';
import { sendKept } from '@/outbox';
import { deviceTaken, sessionBegan, sessionEnded } from '@/state/session';
import type { AppDispatch, AppThunk } from '@/store/store';
import { hearTabs } from '@/state/tabs';
import { sessionApi } from '@/api/sessionApi';

/** Another tab says who is signed in now. */
const heard =
  (person: { readonly id: string; readonly name: string } | null): AppThunk<void> =>
  (dispatch, getState) => {
    const { page } = getState().session;
    if (!page) return void dispatch(sessionApi.endpoints.me.initiate(undefined, { forceRefetch: true, subscribe: false }));
    if (!person) return void dispatch(sessionEnded());
    if (person.id !== page.id) return void dispatch(deviceTaken(person));
    dispatch(sessionBegan());
    letWaitingGo();
    void dispatch(sendKept());
  };

/** Keeps this tab and the others of one mind about who is signed in. */
export function useTabs(): void {
  const dispatch = useDispatch<AppDispatch>();
  useEffect(() => hearTabs((person) => dispatch(heard(person))), [dispatch]);
}
