import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { keptTheme, type ThemeChoice } from './keptTheme';

export { keepTheme, type ThemeChoice } from './keptTheme';

const theme = createSlice({
  name: 'theme',
  initialState: keptTheme,
  reducers: { themeChosen: (_state, { payload }: PayloadAction<ThemeChoice>) => payload },
});

export const { themeChosen } = theme.actions;
export const themeReducer = theme.reducer;
