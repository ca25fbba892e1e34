import { CIRCUIT_KIND_WORDS } from '@kesto/contract/wording';
import type { CircuitGraph } from '@kesto/core';

/** What a part is called: by its name, by its kind where there is one of it, else by its id in words. */
export function partName(graph: CircuitGraph, id: string): string {
  const part = graph.parts.find((p) => p.id === id);
  if (!part) return id;
  const isOnly = graph.parts.filter((p) => p.kind === part.kind).length === 1;
  return part.name ?? (isOnly ? CIRCUIT_KIND_WORDS[part.kind] : id.replaceAll('-', ' '));
}
