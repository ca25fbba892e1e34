import type { CircuitGraph } from '../circuit/graph';
import type { Schools } from '../vocabulary/schools';
import type { CircuitKind } from '../vocabulary';
import type { Place } from './entry';
import { type AlsoOpenedKind } from '../ledger/words';

export { ALSO_OPENED, type AlsoOpenedKind } from '../ledger/words';

/** Something that is changed at the same time, or declined with a reason. */
export interface AlsoOpened {
  readonly what: AlsoOpenedKind;
  readonly place: Place;
  /** Leaving it needs a reason. */
  readonly isAsked: boolean;
}

const WITH_SEALS: readonly CircuitKind[] = ['valve', 'sight-glass', 'solenoid'];
/** Parts that fail of age come in pairs. Judgement. */
const AGES: readonly CircuitKind[] = ['expansion-valve', 'capillary', 'switch', 'transducer', 'solenoid', 'check-valve'];

/**
 * What else is opened while the circuit is open: its drier, cores of ports, seals of valves that are heated, the twin of a part that is changed; and
 * that the lines are flushed where a compressor is changed.
 *
 * @param work    ids of the parts worked on
 * @param opened  ids of what is open to the air then
 * @source        practice: a drier that has seen air is spent; cores and seals do not bear a torch
 */
export function alsoOpened(
  graph: CircuitGraph,
  work: readonly string[],
  opened: readonly string[],
  schools: Schools,
): readonly AlsoOpened[] {
  const kinds = new Map(graph.parts.map((part) => [part.id, part.kind]));
  const driers = graph.parts.filter((part) => part.kind === 'drier' && (schools.drier !== 'when-opened' || opened.includes(part.id)));
  const cores = graph.parts.filter((part) => part.kind === 'port' && part.core !== 'out' && opened.includes(part.id));
  const seals = work.filter((id) => WITH_SEALS.includes(kinds.get(id) ?? 'tube'));
  const aging = new Set(work.map((id) => kinds.get(id)).filter((kind) => kind !== undefined && AGES.includes(kind)));
  const burnt = graph.parts.filter((part) => part.kind === 'compressor' && work.includes(part.id));
  const twins = graph.parts.filter((part) => aging.has(part.kind) && !work.includes(part.id));
  return [
    ...driers.map(({ id }) => ({ what: 'drier', place: id, isAsked: true }) as const),
    ...cores.map(({ id }) => ({ what: 'core', place: id, isAsked: false }) as const),
    ...seals.map((id) => ({ what: 'seal', place: id, isAsked: false }) as const),
    ...burnt.map(({ id }) => ({ what: 'flush', place: id, isAsked: true }) as const),
    ...twins.map(({ id }) => ({ what: 'twin', place: id, isAsked: false }) as const),
  ];
}
