import { configureStore } from '@reduxjs/toolkit';
import { api } from '@/api/api';
import { draftsReducer, keepDrafts } from '@/features/planner/drafts';
import { keepTheme, lookReducer } from './look';

export const makeStore = () =>
  configureStore({
    reducer: { [api.reducerPath]: api.reducer, look: lookReducer, drafts: draftsReducer },
    middleware: (standard) => standard().concat(api.middleware),
  });

export const store = makeStore();

export type RootState = ReturnType<typeof store.getState>;

let kept = store.getState();
store.subscribe(() => {
  const now = store.getState();
  if (now.drafts !== kept.drafts) keepDrafts(now.drafts);
  if (now.look.theme !== kept.look.theme) keepTheme(now.look.theme);
  kept = now;
});
