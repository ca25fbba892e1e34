import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

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

const theme = createSlice({
  name: 'theme',
  initialState: kept,
  reducers: { themeChosen: (_state, { payload }: PayloadAction<ThemeChoice>) => payload },
});

export const { themeChosen } = theme.actions;
export const themeReducer = theme.reducer;

export function keepTheme(choice: ThemeChoice): void {
  try {
    globalThis.localStorage?.setItem(KEY, choice);
  } catch {
    // no storage: the choice lasts as long as the page
  }
}
