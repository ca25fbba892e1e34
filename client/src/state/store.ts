import { configureStore } from '@reduxjs/toolkit';
import { api } from '@/api/api';
import { draftsReducer, keepDrafts } from '@/features/planner/drafts';
import { keepTheme, lookReducer } from './look';

export const store = configureStore({
  reducer: { [api.reducerPath]: api.reducer, look: lookReducer, drafts: draftsReducer },
  middleware: (standard) => standard().concat(api.middleware),
});

export type RootState = ReturnType<typeof store.getState>;

let kept = store.getState();
store.subscribe(() => {
  const now = store.getState();
  if (now.drafts !== kept.drafts) keepDrafts(now.drafts);
  if (now.look.theme !== kept.look.theme) keepTheme(now.look.theme);
  kept = now;
});
