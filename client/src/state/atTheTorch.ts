import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { keepChoice, keptChoice } from './keptChoice';

export type Hand = 'right' | 'left';
export type Telling = 'how' | 'why';
const KEYS = { hand: 'kesto.hand', telling: 'kesto.telling' } as const;

/** How this device is held, and how much it tells whoever holds it. */
export interface AtTheTorch {
  readonly hand: Hand;
  /** `why`: an apprentice reads the reason of each step as well. */
  readonly telling: Telling;
}

const atTheTorch = createSlice({
  name: 'atTheTorch',
  initialState: (): AtTheTorch => ({
    hand: keptChoice<Hand>(KEYS.hand, ['left'], 'right'),
    telling: keptChoice<Telling>(KEYS.telling, ['why'], 'how'),
  }),
  reducers: {
    handChosen: (state, { payload }: PayloadAction<Hand>) => ({ ...state, hand: payload }),
    tellingChosen: (state, { payload }: PayloadAction<Telling>) => ({ ...state, telling: payload }),
  },
});

export const { handChosen, tellingChosen } = atTheTorch.actions;
export const atTheTorchReducer = atTheTorch.reducer;

export function keepAtTheTorch({ hand, telling }: AtTheTorch): void {
  keepChoice(KEYS.hand, hand);
  keepChoice(KEYS.telling, telling);
}
