import type { CircuitGraph, CircuitLayout } from '@kesto/core';
import { layOut } from '@kesto/core/circuit-layout';
import { openEngine, type Engine } from './openEngine';
import type { LayoutAnswer } from './protocol';

/** So many parts are laid out sooner than a worker is asked. */
const AT_ONCE = 60;

const known = new WeakMap<CircuitGraph, CircuitLayout>();
function keep(graph: CircuitGraph, layout: CircuitLayout): CircuitLayout {
  known.set(graph, layout);
  return layout;
}
const layOutHere = (graph: CircuitGraph): CircuitLayout => keep(graph, layOut(graph));

/** Where a circuit is drawn, as far as that is told at once: a small one, or one that was laid out before; else null. */
export const layoutAtOnce = (graph: CircuitGraph): CircuitLayout | null =>
  known.get(graph) ?? (graph.parts.length <= AT_ONCE ? layOutHere(graph) : null);

interface Asked {
  readonly graph: CircuitGraph;
  readonly answered: (layout: CircuitLayout) => void;
}
const asked = new Map<number, Asked>();
let count = 0;
let engine: Engine<LayoutAnswer> | null | undefined;

/** A worker that fails leaves the work to the page, what it was asked for as well. */
function failed(): void {
  engine?.end();
  engine = null;
  for (const { graph, answered } of asked.values()) answered(layOutHere(graph));
  asked.clear();
}

function answer({ id, layout }: LayoutAnswer): void {
  const of = asked.get(id);
  asked.delete(id);
  of?.answered(keep(of.graph, layout));
}

function opened(): Engine<LayoutAnswer> | null {
  const here = openEngine<LayoutAnswer>();
  if (here) Object.assign(here, { onAnswer: answer, onFailed: failed });
  return here;
}

/** Lays a circuit out beside the page, in one worker for all of them; where there is none, in the page. */
export function layOutBeside(graph: CircuitGraph): Promise<CircuitLayout> {
  engine ??= engine === undefined ? opened() : null;
  if (!engine) return Promise.resolve(layOutHere(graph));
  const id = (count += 1);
  engine.ask({ layOut: { id, graph } });
  return new Promise((answered) => asked.set(id, { graph, answered }));
}
