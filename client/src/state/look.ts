import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { RootState } from './store';

export type ThemeChoice = 'device' | 'day' | 'night';
const KEY = 'kesto.theme';

/** Storage may be absent or refuse (private windows): the choice then lasts as long as the page. */
function kept(): ThemeChoice {
  try {
    const value = globalThis.localStorage?.getItem(KEY);
    return value === 'day' || value === 'night' ? value : 'device';
  } catch {
    return 'device';
  }
}

interface Look {
  readonly theme: ThemeChoice;
  /** Writes under way. */
  readonly waiting: number;
  /** The session ended while something was open: ask for the sign-in over it. */
  readonly signedOut: boolean;
}

const look = createSlice({
  name: 'look',
  initialState: (): Look => ({ theme: kept(), waiting: 0, signedOut: false }),
  reducers: {
    themeChosen: (state, action: PayloadAction<ThemeChoice>) => ({ ...state, theme: action.payload }),
    writeBegan: (state) => ({ ...state, waiting: state.waiting + 1 }),
    writeEnded: (state) => ({ ...state, waiting: Math.max(0, state.waiting - 1) }),
    sessionEnded: (state) => ({ ...state, signedOut: true }),
    sessionBegan: (state) => ({ ...state, signedOut: false }),
  },
});

export const { themeChosen, writeBegan, writeEnded, sessionEnded, sessionBegan } = look.actions;
export const lookReducer = look.reducer;
export const selectWaiting = (state: RootState) => state.look.waiting;
export const selectSignedOut = (state: RootState) => state.look.signedOut;

export function keepTheme(theme: ThemeChoice): void {
  try {
    globalThis.localStorage?.setItem(KEY, theme);
  } catch {
    // no storage: the choice lasts as long as the page
  }
}
