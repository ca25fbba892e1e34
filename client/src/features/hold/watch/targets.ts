import type { JobView } from '@kesto/contract';
import { drawnName } from '@kesto/contract/wording';
import { liesIn, soapPressures, soapedAt, type CircuitGraph, type KeptHold, type SoapResult, type SoapTarget } from '@kesto/core';
import { WORDS } from '../words';

/** Something that is soaped, as it stands at each pressure. */
export interface SoapRow {
  readonly key: string;
  readonly target: SoapTarget;
  /** Of a joint. */
  readonly tag?: string;
  readonly name: string;
  readonly at: readonly { readonly kpag: number; readonly result: SoapResult | null }[];
}

/** Kinds with a stem, a core or a nut of their own. */
const WITH_NUTS = ['valve', 'sight-glass', 'switch', 'transducer', 'expansion-valve'];

/** Ports in the section, and those that hang on a valve at its edge: the hoses are there. */
function portsOf(graph: CircuitGraph | null, parts: readonly string[]): CircuitGraph['parts'] {
  const links = graph?.links ?? [];
  const besides = (id: string) => links.flatMap(({ from, to }) => (from === id ? [to] : to === id ? [from] : []));
  return (graph?.parts ?? []).filter(
    ({ id, kind }) =>
      kind === 'port' && (parts.includes(id) || besides(id).some((edge) => besides(edge).some((end) => parts.includes(end)))),
  );
}

/** Every joint of the job in the section, every hose, and what else has a nut or a stem there. */
export function soapRowsOf(job: JobView, graph: CircuitGraph | null, kept: KeptHold): readonly SoapRow[] {
  const { parts, rig, stepsKpag } = kept.began.values;
  const pressures = soapPressures(stepsKpag);
  const row = (key: string, name: string, target: SoapTarget, tag?: string): SoapRow => ({
    ...{ key, name, target },
    ...(tag === undefined ? {} : { tag }),
    at: pressures.map((kpag) => ({ kpag, result: soapedAt(kept.soaped, target, kpag) })),
  });
  const inSection = (graph?.parts ?? []).filter(({ id }) => parts.includes(id));
  const joints = job.order.filter(({ at, state }) => state !== 'cut-out' && (at === null || liesIn(at, parts)));
  const ports = portsOf(graph, parts);
  const hoses = ports.length === 0 || rig ? [WORDS.ownHoses] : ports.map(({ id }) => WORDS.hoseAt(drawnName(graph!, id))); // the ports are on it
  const places = inSection.filter(({ kind }) => WITH_NUTS.includes(kind));
  return [
    ...(rig ? [] : joints.map(({ id, tag, title }) => row(id, title, { joint: id }, tag))),
    ...hoses.map((hose) => row(`hose ${hose}`, hose, { hose })),
    ...places.map(({ id }) => row(id, drawnName(graph!, id), { place: id })), // as above
  ];
}

/** How a row stands in one line. */
export const lastResult = ({ at }: SoapRow): SoapResult | null => at.findLast(({ result }) => result !== null)?.result ?? null;
/** What was wetted at the hold's own pressure: that is what counts, lower ones spare gas. */
export const isDone = (row: SoapRow): boolean => (row.at.at(-1)?.result ?? null) !== null;
