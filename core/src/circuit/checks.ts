import type { CircuitGraph, CircuitPart } from './graph';

/** A part of a circuit in the direction of its flow, with what a check valve beside it makes of it. */
export interface FlowPart extends CircuitPart {
  /** Of a check valve: its own arrow points against the flow that is drawn. */
  readonly against?: true;
  /** Of an expansion valve: the flow goes past it, through a check valve beside it. */
  readonly bypassed?: true;
}

export interface FlowGraph extends CircuitGraph {
  readonly parts: readonly FlowPart[];
}

const endsOf = (graph: CircuitGraph, id: string) => ({
  before: graph.links.filter((link) => link.to === id).map((link) => link.from),
  behind: graph.links.filter((link) => link.from === id).map((link) => link.to),
});

/** A compressor, or a reversing valve that leads to it: the way through them is the round itself. */
const BARS: readonly CircuitPart['kind'][] = ['compressor', 'reversing-valve'];

/** Whether a way leads from one part to another that is not the round itself, and does not pass this one. */
function leadsTo(graph: CircuitGraph, from: readonly string[], to: readonly string[], without: string): boolean {
  const kindOf = (id: string) => graph.parts.find((part) => part.id === id)?.kind ?? 'tube';
  const isBar = (id: string) => id === without || BARS.includes(kindOf(id));
  const found = new Set(from);
  const open = [...from];
  for (let at = open.pop(); at !== undefined; at = open.pop()) {
    if (to.includes(at)) return true;
    for (const link of graph.links) {
      if (link.from !== at || found.has(link.to) || isBar(link.to)) continue;
      found.add(link.to);
      open.push(link.to);
    }
  }
  return false;
}

/** Check valves whose arrow leads back to where the flow comes from: nothing but they close that loop. */
function backChecks(graph: CircuitGraph): ReadonlySet<string> {
  const checks = graph.parts.filter((part) => part.kind === 'check-valve');
  return new Set(
    checks.flatMap(({ id }) => {
      const { before, behind } = endsOf(graph, id);
      return before.length === 1 && behind.length === 1 && leadsTo(graph, behind, before, id) ? [id] : [];
    }),
  );
}

const meet = (a: readonly string[], b: readonly string[]) => a.some((id) => b.includes(id));

/**
 * The circuit with every tube along the flow that is drawn: a check valve carries its own arrow, and beside an expansion valve it may point
 * against that flow, as in a heat pump with a valve at each coil.
 *
 * @param graph  as it was drawn: the tubes of a check valve go along its arrow
 * @returns      the same parts and tubes, each at its place; those of such check valves turned round and the check valve marked; expansion
 *               valves that the flow goes past marked
 * @source       a heat pump's expansion valves are each bypassed in one of its two positions
 */
export function alongFlow(graph: CircuitGraph): FlowGraph {
  const back = backChecks(graph);
  const links = graph.links.map((link) => (back.has(link.from) || back.has(link.to) ? { ...link, from: link.to, to: link.from } : link));
  const turned: CircuitGraph = { parts: graph.parts, links };
  const passing = graph.parts.filter((part) => part.kind === 'check-valve' && !back.has(part.id)).map(({ id }) => endsOf(turned, id));
  const isPassed = (id: string) => {
    const own = endsOf(turned, id);
    return passing.some(({ before, behind }) => meet(before, own.before) && meet(behind, own.behind));
  };
  const parts = graph.parts.map((part): FlowPart => {
    if (back.has(part.id)) return { ...part, against: true };
    return part.kind === 'expansion-valve' && isPassed(part.id) ? { ...part, bypassed: true } : part;
  });
  return { parts, links };
}

/** For which side something lies on: what the flow goes past lets nothing down, and nothing flows against a check valve. */
export function withoutBypassed(graph: FlowGraph): CircuitGraph {
  const against = new Set(graph.parts.filter((part) => part.against).map((part) => part.id));
  return {
    parts: graph.parts.map((part) => (part.bypassed ? { ...part, kind: 'fitting' as const } : part)),
    links: graph.links.filter((link) => !against.has(link.from) && !against.has(link.to)),
  };
}
