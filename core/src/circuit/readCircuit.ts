import { fail, ok, type Result } from '../result';
import { FieldReader } from '../unit/fieldReader';
import { CIRCUIT_KINDS } from '../vocabulary';
import { kindOf, partOfPassage, splitReversing, type CircuitGraph, type CircuitLink } from './graph';

/** Outside of a line [m], its wall and its length: from a capillary to a plant's main. */
const OUTSIDE_M = { min: 0.001, max: 0.5 } as const;
const WALL_M = { min: 0.0001, max: 0.02 } as const;
const LENGTH_M = { min: 0.01, max: 2000 } as const;
const VOLUME_M3 = { min: 0, max: 10 } as const;

function checkParts(graph: CircuitGraph, path: string, read: FieldReader): void {
  graph.parts.forEach((part, i) => {
    const field = `${path}parts[${i}]`;
    if (!(CIRCUIT_KINDS as readonly string[]).includes(part.kind)) {
      read.errors.push({ kind: 'unknown-word', field: `${field}.kind`, word: part.kind, allowed: CIRCUIT_KINDS });
    }
    if (graph.parts.findIndex((other) => other.id === part.id) < i) {
      read.errors.push({ kind: 'refused', field: `${field}.id`, reason: 'given-twice', value: part.id });
    }
    if (!graph.links.some((link) => link.from === part.id || link.to === part.id)) {
      read.errors.push({ kind: 'refused', field, reason: 'not-linked', value: part.id });
    }
    if (part.volume) read.volumeM3(`${field}.volume`, part.volume, VOLUME_M3);
  });
}

function checkLink(graph: CircuitGraph, link: CircuitLink, field: string, read: FieldReader): void {
  for (const end of ['from', 'to'] as const) {
    if (!kindOf(graph, link[end]))
      read.errors.push({ kind: 'refused', field: `${field}.${end}`, reason: 'no-such-part', value: link[end] });
  }
  if (link.from === link.to) read.errors.push({ kind: 'refused', field: `${field}.to`, reason: 'linked-to-itself', value: link.to });
  if (!link.tube) return;
  const od = read.lengthM(`${field}.tube.od`, link.tube.od, OUTSIDE_M);
  const wall = link.tube.wall ? read.lengthM(`${field}.tube.wall`, link.tube.wall, WALL_M) : 0;
  if (2 * wall >= od) read.errors.push({ kind: 'refused', field: `${field}.tube.wall`, reason: 'wall-too-thick' });
  if (link.tube.length) read.lengthM(`${field}.tube.length`, link.tube.length, LENGTH_M);
}

/** A part that lies on a loop no compressor drives; null where there is none. */
function undriven(graph: CircuitGraph): string | null {
  const split = splitReversing(graph);
  const state = new Map<string, 'open' | 'done'>();
  const onLoop = (id: string): string | null => {
    if (kindOf(split, id) === 'compressor' || state.get(id) === 'done') return null;
    if (state.get(id) === 'open') return id;
    state.set(id, 'open');
    for (const link of split.links) {
      const found = link.from === id ? onLoop(link.to) : null;
      if (found !== null) return found;
    }
    state.set(id, 'done');
    return null;
  };
  for (const { id } of split.parts) {
    const found = onLoop(id);
    if (found !== null) return partOfPassage(found);
  }
  return null;
}

/**
 * A circuit as it was drawn or sent, checked.
 *
 * @param graph  parts with ids and kinds, links in flow order; tube sizes as quantities of length, volumes as quantities of volume
 * @param path   where it stands in the request, for the names of its fields
 * @returns      the same circuit; refused, naming the part: an unknown kind, two parts with one id, a part that is linked to nothing,
 *               a link to itself or to a part that is not there, a loop that passes no compressor
 * @source       a vapour-compression loop is driven by its compressor; everything else in it would stand still
 */
export function readCircuit(graph: CircuitGraph, path = ''): Result<CircuitGraph> {
  const read = new FieldReader();
  checkParts(graph, path, read);
  graph.links.forEach((link, i) => checkLink(graph, link, `${path}links[${i}]`, read));
  if (read.errors.length > 0) return fail(...read.errors);
  const loop = undriven(graph);
  if (loop === null) return ok(graph);
  const at = graph.parts.findIndex((part) => part.id === loop);
  return fail({ kind: 'refused', field: `${path}parts[${at}]`, reason: 'loop-without-compressor', value: loop });
}
