import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

interface SignalState {
  /** Of when the oldest is of what is shown, since the server was last reached; null while it is. */
  readonly asOf: string | null;
  /** A newer release is on this device and waits for a reload. */
  readonly newer: boolean;
}

const signal = createSlice({
  name: 'signal',
  initialState: { asOf: null, newer: false } as SignalState,
  reducers: {
    signalLost: (state, { payload: at }: PayloadAction<string>) => ({
      ...state,
      asOf: state.asOf !== null && state.asOf < at ? state.asOf : at,
    }),
    signalFound: (state) => (state.asOf === null ? state : { ...state, asOf: null }),
    newerIsHere: (state) => ({ ...state, newer: true }),
  },
});

export const { signalLost, signalFound, newerIsHere } = signal.actions;
export const signalReducer = signal.reducer;
