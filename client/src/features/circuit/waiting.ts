import { addBranch, movePart, type CircuitGraph } from '@kesto/core';
import { drawnName } from '@kesto/contract/wording';
import type { Chosen } from '@/drawing/circuit/Targets';

/** Something that was begun at a part or a tube, and is done at the tube that is tapped next. */
export type Waiting = { readonly move: string } | { readonly branchFrom: number };

/** What the next tap does, in words. */
export const waitingText = (graph: CircuitGraph, waiting: Waiting): string =>
  'move' in waiting
    ? `Tap the tube that ${drawnName(graph, waiting.move)} goes into.`
    : 'Tap the tube where the branch joins again: what flows in it comes from here.';

/** The circuit after the tube was tapped, and what is chosen then; null where it cannot be done there. */
export function doneAt(graph: CircuitGraph, waiting: Waiting, link: number): { graph: CircuitGraph; then: Chosen } | null {
  if ('move' in waiting) {
    const moved = movePart(graph, waiting.move, link);
    return moved === graph ? null : { graph: moved, then: { part: waiting.move } };
  }
  const branched = addBranch(graph, { from: waiting.branchFrom, to: link, kinds: [] });
  return branched.made === null ? null : { graph: branched.graph, then: { link: branched.graph.links.length - 1 } };
}
