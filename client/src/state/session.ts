import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

interface Person {
  readonly id: string;
  readonly name: string;
}

/** Why the sign-in is laid over whatever is open. */
export type SignInSheet = { readonly why: 'ended' } | { readonly why: 'taken'; readonly by: Person | null };

interface SessionState {
  /** Whose page this is: once known it stays so until that person signs out or the page is loaded anew. */
  readonly page: Person | null;
  readonly sheet: SignInSheet | null;
  /** How far this device's clock is ahead of the server's; null until a write was answered. */
  readonly clockAheadMs: number | null;
}

const session = createSlice({
  name: 'session',
  initialState: { page: null, sheet: null, clockAheadMs: null } as SessionState,
  reducers: {
    personKnown: (state, { payload: { id, name } }: PayloadAction<Person>) => ({ ...state, page: { id, name } }),
    personSignedOut: (state) => ({ ...state, page: null, sheet: null }),
    sessionBegan: (state) => ({ ...state, sheet: null }),
    sessionEnded: (state) => ({ ...state, sheet: state.sheet ?? { why: 'ended' as const } }),
    /** Somebody else is signed in on this device now: nothing of this page may run in their name. */
    deviceTaken: (state, { payload: by }: PayloadAction<Person | null>) => ({ ...state, sheet: { why: 'taken' as const, by } }),
    clockSeen: (state, { payload }: PayloadAction<number>) => ({ ...state, clockAheadMs: payload }),
  },
});

export const { personKnown, personSignedOut, sessionBegan, sessionEnded, deviceTaken, clockSeen } = session.actions;
export const sessionReducer = session.reducer;
