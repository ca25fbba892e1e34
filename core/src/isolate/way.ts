import { partOfPassage } from '../circuit/graph';
import type { IsolationMethod } from '../ledger/words';
import type { Network } from './network';
import type { IsolationWhy } from './why';

/** A way to isolate, as nodes of its network. */
export interface Way {
  readonly method: IsolationMethod;
  readonly network: Network;
  readonly open: readonly string[];
  readonly close: readonly string[];
  readonly closeAfter: readonly string[];
  readonly emptied: ReadonlySet<string>;
  readonly opened: ReadonlySet<string>;
  readonly why: readonly IsolationWhy[];
}

/** Parts of nodes, each once. */
export const namesOf = (network: Network, nodes: Iterable<string>) => [
  ...new Set([...nodes].map((node) => partOfPassage(network.part(node).id))),
];

/** Solenoids on the way that is emptied, open or shut: they shut by themselves. */
export function heldOpen(network: Network, open: readonly string[]): readonly IsolationWhy[] {
  const held = open.filter((node) => network.part(node).kind === 'solenoid');
  return held.length > 0 ? [{ code: 'held-open', parts: namesOf(network, held) }] : [];
}
