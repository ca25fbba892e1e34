import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { keepChoice, keptChoice } from './keptChoice';

export type ThemeChoice = 'device' | 'day' | 'night';
const KEY = 'kesto.theme';

const theme = createSlice({
  name: 'theme',
  initialState: () => keptChoice<ThemeChoice>(KEY, ['day', 'night'], 'device'),
  reducers: { themeChosen: (_state, { payload }: PayloadAction<ThemeChoice>) => payload },
});

export const { themeChosen } = theme.actions;
export const themeReducer = theme.reducer;
export const keepTheme = (choice: ThemeChoice): void => keepChoice(KEY, choice);
