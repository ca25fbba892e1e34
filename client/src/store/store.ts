import { configureStore, type Action, type ThunkAction } from '@reduxjs/toolkit';
import { api } from '@/api/api';
import { draftsReducer, draftsTakenUp, keepDrafts, keptDrafts } from '@/draft/drafts';
import { signedIn, signedInPerson } from '@/api/sessionApi';
import type { Outcome } from '@/outbox/command';
import { openSending } from '@/outbox/openSending';
import { Outbox } from '@/outbox/outbox';
import { keptInPage, keptOnDevice, type Kept } from '@/outbox/kept';
import { keptHere, outboxReducer } from '@/outbox/slice';
import type { Services } from '@/outbox/thunks';
import { atTheTorchReducer, keepAtTheTorch } from '@/state/atTheTorch';
import { clockSeen, deviceTaken, sessionEnded, sessionReducer } from '@/state/session';
import { signalReducer } from '@/state/signal';
import { keepTheme, themeReducer } from '@/state/theme';

const SENDS_ALONE = 'kesto.outbox';
const alone = (work: () => Promise<void>) => (globalThis.navigator?.locks ? globalThis.navigator.locks.request(SENDS_ALONE, work) : work());

/** Null where it cannot be fetched: then nothing goes yet. */
const whatSends = () => openSending().catch(() => null);
const NO_ANSWER: Outcome = { kind: 'later', message: null };

export function makeStore(kept: Kept = keptInPage()) {
  const services: { outbox?: Outbox } = {};
  const store = configureStore({
    reducer: {
      [api.reducerPath]: api.reducer,
      theme: themeReducer,
      atTheTorch: atTheTorchReducer,
      session: sessionReducer,
      signal: signalReducer,
      outbox: outboxReducer,
      drafts: draftsReducer,
    },
    middleware: (standard) => standard({ thunk: { extraArgument: services as Services } }).concat(api.middleware), // cast: filled in below, before anything is dispatched
  });
  const running = () => Promise.all(store.dispatch(api.util.getRunningQueriesThunk()));
  const seen = (aheadMs: number) => void store.dispatch(clockSeen(aheadMs));
  services.outbox = new Outbox({
    kept,
    post: async (command) => (await whatSends())?.post(command, seen) ?? NO_ANSWER,
    postTogether: async (commands) => {
      const piece = await whatSends();
      return piece ? piece.postTogether(commands, seen) : [NO_ANSWER];
    },
    sign: async (command) => {
      const me = signedIn(store.getState());
      return (me && (await whatSends())?.signKept(command, me)) ?? null;
    },
    alone,
    person: () => (store.getState().session.sheet ? null : (signedInPerson(store.getState())?.id ?? null)),
    show: (commands) => store.dispatch(keptHere(commands)),
    refresh: async (changes) => {
      // What is on its way may have been asked before the write: it settles first, or it would be taken for the answer.
      await running();
      store.dispatch(api.util.invalidateTags([...changes]));
      await running();
    },
    signedOut: () => store.dispatch(sessionEnded()),
    taken: (by) => store.dispatch(deviceTaken(by)),
    wait: (ms, then) => void setTimeout(then, ms),
    // A browser that is short of room clears what it was not asked to keep; asked again it answers the same.
    persist: () => void globalThis.navigator?.storage?.persist?.(),
  });
  return store;
}

export const store = makeStore(globalThis.indexedDB ? keptOnDevice() : keptInPage());

export type RootState = ReturnType<typeof store.getState>;
export type AppDispatch = typeof store.dispatch;
export type AppThunk<T> = ThunkAction<T, RootState, Services, Action>;

let before = store.getState();
store.subscribe(() => {
  const now = store.getState();
  const [was, person] = [before.session.page?.id, now.session.page?.id];
  if (was !== person) {
    before = { ...now, drafts: person ? keptDrafts(person) : {} };
    store.dispatch(draftsTakenUp(before.drafts));
    return;
  }
  if (person && now.drafts !== before.drafts) keepDrafts(person, now.drafts);
  if (now.theme !== before.theme) keepTheme(now.theme);
  if (now.atTheTorch !== before.atTheTorch) keepAtTheTorch(now.atTheTorch);
  before = now;
});
