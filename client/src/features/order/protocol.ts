import type { Result, Sequence, SequenceRequest } from '@kesto/core';

/** What the page asks the worker that searches an order. */
export interface OrderAsk {
  readonly request: SequenceRequest;
}

/** How far it is, then what it found. */
export type OrderAnswer = { readonly share: number } | { readonly found: Result<Sequence> };
