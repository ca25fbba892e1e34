import type { Action, ThunkAction, ThunkDispatch } from '@reduxjs/toolkit';
import type { api } from '@/api/api';
import type { Command } from './command';
import type { Outbox } from './outbox';

/** What the outbox asks of the store, which stands above it. */
export interface Keeping {
  readonly outbox: readonly Command[];
  readonly api: ReturnType<typeof api.reducer>;
}

/** What thunks reach beside the state. */
export interface Services {
  readonly outbox: Outbox;
}

export type KeepingThunk<T> = ThunkAction<T, Keeping, Services, Action>;
export type KeepingDispatch = ThunkDispatch<Keeping, Services, Action>;
