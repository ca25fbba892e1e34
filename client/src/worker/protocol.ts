import type { Result, Sequence, SequenceRequest } from '@kesto/core';
import type { ReachAsk } from './reach';

/** What a page asks the engine beside it: one thing at a time of one worker. */
export type EngineAsk = { readonly reach: ReachAsk } | { readonly order: SequenceRequest };

/** Of a search for an order: how far it is, then what it found. */
export type OrderAnswer = { readonly share: number } | { readonly found: Result<Sequence> };
