import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Command } from './command';

/** What is kept here, as the screens see it: a copy of what the device holds. */
const outbox = createSlice({
  name: 'outbox',
  initialState: [] as readonly Command[],
  reducers: { keptHere: (_state, { payload }: PayloadAction<readonly Command[]>) => payload as Command[] }, // cast: immer's draft of the same
});

export const { keptHere } = outbox.actions;
export const outboxReducer = outbox.reducer;
