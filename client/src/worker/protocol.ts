import type { CircuitGraph, CircuitLayout, Result, Sequence, SequenceRequest } from '@kesto/core';
import type { ReachAsk } from './reach';

/** What a page asks the engine beside it. */
export type EngineAsk = { readonly reach: ReachAsk } | { readonly order: SequenceRequest } | { readonly layOut: LayoutAsk };

/** Where the parts and tubes of a circuit are drawn. */
export interface LayoutAsk {
  readonly id: number;
  readonly graph: CircuitGraph;
}
export interface LayoutAnswer {
  readonly id: number;
  readonly layout: CircuitLayout;
}

/** Of a search for an order: how far it is, then what it found. */
export type OrderAnswer = { readonly share: number } | { readonly found: Result<Sequence> };
