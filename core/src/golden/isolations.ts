import { hangPart, insertPart } from '../circuit/edit';
import type { CircuitGraph, CircuitPart } from '../circuit/graph';
import { isolate, type IsolateRequest } from '../isolate';
import { canonicalHash } from '../record/chain';
import { GOLDEN_CIRCUITS } from './drawings';
import { rounded } from './summary';

/** Valves that were seen to close, a compressor that runs: what a machine is like on a good day. */
const onAGoodDay = (part: CircuitPart): CircuitPart =>
  part.kind === 'compressor'
    ? { ...part, runs: true }
    : part.kind === 'valve' || part.kind === 'solenoid'
      ? { ...part, closes: true }
      : part;
const inState = (graph: CircuitGraph, change: (part: CircuitPart) => CircuitPart): CircuitGraph => ({
  ...graph,
  parts: graph.parts.map((part) => change(onAGoodDay(part))),
});
const standing = (part: CircuitPart): CircuitPart => (part.kind === 'compressor' ? { ...part, runs: false } : part);
const shut =
  (kind: CircuitPart['kind']) =>
  (part: CircuitPart): CircuitPart =>
    part.kind === kind ? { ...part, open: false } : part;
const asItIs = (part: CircuitPart): CircuitPart => part;

const circuit = (name: string): CircuitGraph => GOLDEN_CIRCUITS[name] ?? { parts: [], links: [] };
const at = (graph: CircuitGraph, from: string) => graph.links.findIndex((link) => link.from === from);

/** A switch with a capillary on each side of the machine. */
function dualSwitch(): CircuitGraph {
  const { graph, made } = hangPart(circuit('walk-in'), 'condenser', 'switch');
  return { ...graph, links: [...graph.links, { from: 'suction-valve', to: made ?? '' }] };
}

/** A second compressor beside the first, on the same headers. */
function twin(): CircuitGraph {
  const walkIn = circuit('walk-in');
  return {
    parts: [...walkIn.parts, { id: 'compressor-2', kind: 'compressor', runs: false }],
    links: [...walkIn.links, { from: 'suction-valve', to: 'compressor-2' }, { from: 'compressor-2', to: 'condenser' }],
  };
}

const behind = (name: string, from: string, kind: CircuitPart['kind']) => insertPart(circuit(name), at(circuit(name), from), kind).graph;

const DRAWN = ['split', 'heat-pump', 'packaged-unit', 'walk-in', 'capillary-unit', 'second coil', 'hot gas bypass', 'two bypasses', 'injection of liquid', 'past the condenser', 'three circuits', 'an open end'] as const; // prettier-ignore

/** Circuits and how they stand. */
const CASES: Readonly<Record<string, CircuitGraph>> = {
  ...Object.fromEntries(DRAWN.map((name) => [name, inState(circuit(name), asItIs)])),
  'nothing known': circuit('walk-in'),
  'standing walk-in': inState(circuit('walk-in'), standing),
  'standing split': inState(circuit('split'), standing),
  'standing heat pump': inState(circuit('heat-pump'), standing),
  'solenoid shut': inState(circuit('walk-in'), shut('solenoid')),
  'valves shut': inState(circuit('walk-in'), shut('valve')),
  'valves shut, standing': inState(circuit('split'), (part) => standing(shut('valve')(part))),
  'dual switch': inState(dualSwitch(), asItIs),
  'twin compressors': inState(twin(), (part) => (part.id === 'compressor-2' ? { ...part, runs: false } : part)),
  'twin that holds': inState(twin(), (part) => (part.id === 'compressor-2' ? { ...part, runs: false, closes: true } : part)),
  'check valve behind the drier': inState(behind('walk-in', 'drier', 'check-valve'), asItIs),
  'valve by the outdoor coil': inState(behind('heat-pump', 'reversing', 'valve'), asItIs),
};

/** What is known of the low side, what is to be seen by a hold: each asked once of the walk-in. */
const ASKED: Readonly<Record<string, Partial<IsolateRequest>>> = {
  'leak on the low side': { state: { lowSideLeak: true } },
  'below zero': { state: { lowSidePressure: { value: -20, unit: 'kPag' } } },
  'a charge without its refrigerant': { charge: { value: 20, unit: 'kg' } },
  'cut at its valves': { split: ['king-valve', 'suction-valve', 'solenoid'] },
  'cut at a tee': { split: ['drier', 'expansion'] },
};

function line(request: IsolateRequest): string {
  const result = isolate(request);
  if (!result.ok) return `refused: ${result.errors.map((error) => `${error.field} ${error.kind}`).join(', ')}`;
  const { method, open, close, closeAfter, opened, why } = result.value;
  const list = (word: string, ids: readonly string[]) => (ids.length === 0 ? [] : [`${word} ${ids.join(' ')}`]);
  const says = [method, ...list('open', open), ...list('shut', close), ...list('then', closeAfter), `${opened.length} opened`];
  return `${says.join(', ')} (${why.map(({ code }) => code).join(' ')}) #${canonicalHash(rounded(result.value)).slice(0, 12)}`;
}

/** How every part of every circuit is got at, in a line each. */
export function isolationLines(): Readonly<Record<string, string>> {
  const byPart = Object.entries(CASES).flatMap(([name, graph]) =>
    graph.parts.map(({ id }): readonly [string, string] => [`${name}: ${id}`, line({ circuit: graph, work: [id] })]),
  );
  const vessels = inState(circuit('walk-in'), (part) => (part.kind === 'receiver' ? { ...part, volume: { value: 4, unit: 'L' } } : part));
  const asked = Object.entries(ASKED).map(([name, rest]): readonly [string, string] => [
    `walk-in: ${name}`,
    line({ circuit: vessels, work: ['drier'], ...rest }),
  ]);
  return Object.fromEntries([...byPart, ...asked]);
}
