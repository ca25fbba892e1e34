import { createSlice } from '@reduxjs/toolkit';

/** Whether the session ended while something was open: the sign-in is then asked for over it. */
const session = createSlice({
  name: 'session',
  initialState: { ended: false },
  reducers: { sessionEnded: () => ({ ended: true }), sessionBegan: () => ({ ended: false }) },
});

export const { sessionEnded, sessionBegan } = session.actions;
export const sessionReducer = session.reducer;
