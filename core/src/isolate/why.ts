/** Why a way to isolate was taken, or was not: a code and what it is about; the sentence is made at the edge. */
export type IsolationWhy =
  | { readonly code: 'valves-shut'; readonly parts: readonly string[] }
  | { readonly code: 'emptied-by-compressor'; readonly parts: readonly string[] }
  | { readonly code: 'other-position' }
  | { readonly code: 'not-running' }
  | { readonly code: 'low-side-leak' }
  | { readonly code: 'low-side-unknown' }
  | { readonly code: 'below-zero' }
  | { readonly code: 'would-lock-liquid'; readonly parts: readonly string[] }
  | { readonly code: 'held-open'; readonly parts: readonly string[] }
  | { readonly code: 'air-inside' }
  | { readonly code: 'joint-open' }
  | { readonly code: 'work-stays-full'; readonly parts: readonly string[] }
  | { readonly code: 'fed-by-part'; readonly parts: readonly string[] }
  | { readonly code: 'no-way-out'; readonly parts: readonly string[] }
  | { readonly code: 'charge-too-large'; readonly chargeKg: number; readonly roomKg: number }
  | { readonly code: 'density-assumed' }
  | { readonly code: 'bounded'; readonly parts: readonly string[] }
  | { readonly code: 'not-bounded' };

export type IsolationWhyCode = IsolationWhy['code'];
