import { tubePlace, type CircuitGraph } from '../circuit/graph';
import { readCircuit } from '../circuit/readCircuit';
import type { Caution } from '../caution/table';
import type { IsolationMethod } from '../ledger/words';
import { isTabled, readRefrigerant, type Saturation } from '../refrigerant/saturation';
import { fail, ok, type Result } from '../result';
import { FieldReader } from '../unit/fieldReader';
import { networkOf, nodesOf, splitForGas, touches, type Network } from './network';
import { otherPosition } from './otherPosition';
import { runningOf, tryPumpDown, type PumpDown } from './pumpDown';
import { recovered } from './recovered';
import type { IsolateRequest } from './request';
import { sectionsOf, seenBy, type HeldSection } from './sections';
import { STORES } from './valves';
import { heldOpen, namesOf, type Way } from './way';
import { cautionsOf, isFlammable } from './wayCautions';
import type { IsolationWhy } from './why';

export { ISOLATION_METHODS, type IsolationMethod } from '../ledger/words';

/** How a part of a circuit is got at; ids of parts, in the order they stand in the circuit. */
export interface Isolation {
  readonly method: IsolationMethod;
  readonly open: readonly string[];
  readonly close: readonly string[];
  readonly closeAfter: readonly string[];
  readonly emptied: readonly string[];
  readonly opened: readonly string[];
  readonly staysFull: readonly string[];
  readonly cautions: readonly Caution[];
  readonly why: readonly IsolationWhy[];
  readonly sections: readonly HeldSection[] | null;
}

/** Liquid may fill so much of a vessel: what is left is for its growth when it warms. Source: cylinder rules (49 CFR 173.304a, EN 13136 practice). */
const MOST_FILLED = 0.8;
/** Where the refrigerant was not named [kg/L]. Judgement: the fluorinated ones lie between 0.95 and 1.35 at 25 °C. */
const ASSUMED_LIQUID_KG_PER_L = 1;

function readIds(field: string, ids: readonly string[], circuit: CircuitGraph, read: FieldReader): void {
  ids.forEach((id, i) => {
    if (!circuit.parts.some((part) => part.id === id))
      read.errors.push({ kind: 'refused', field: `${field}[${i}]`, reason: 'no-such-part', value: id });
  });
}

const isAtOrUnderZero = (lowPa: number, { lowSidePressure }: NonNullable<IsolateRequest['state']>) =>
  lowSidePressure !== undefined && lowPa <= 0;

/** What forbids pumping down before a valve is looked at. */
function forbids(request: IsolateRequest, isRunning: boolean, read: FieldReader): readonly IsolationWhy[] {
  const { state = {} } = request;
  const lowPa = state.lowSidePressure
    ? read.gaugePressure('state.lowSidePressure', state.lowSidePressure, { min: -101_325, max: 20e6 })
    : 0;
  return [
    ...(isRunning ? [] : [{ code: 'not-running' } as const]),
    ...(state.lowSideLeak ? [{ code: 'low-side-leak' } as const] : []),
    ...(state.lowSideLeak === undefined && (isFlammable(request) || isAtOrUnderZero(lowPa, state))
      ? [{ code: 'low-side-unknown' } as const]
      : []),
    ...(lowPa < 0 ? [{ code: 'below-zero' } as const] : []),
    ...(state.airInside ? [{ code: 'air-inside' } as const] : []),
    ...(state.jointOpen ? [{ code: 'joint-open' } as const] : []),
  ];
}

/** One that is not listed is taken by its class, with an assumed density; without a class it is refused. */
function fluidOf({ refrigerant, safetyClass }: IsolateRequest, read: FieldReader): Saturation | null {
  if (refrigerant === undefined) return null;
  return isTabled(refrigerant) || !safetyClass ? readRefrigerant(refrigerant, read) : null;
}

/** Whether the charge goes into what would hold it, as far as the volumes are known. */
function chargeFits(request: IsolateRequest, done: PumpDown, network: Network, read: FieldReader): readonly IsolationWhy[] {
  if (!request.charge) return [];
  const chargeKg = read.massKg('charge', request.charge, { min: 0, max: 100_000 });
  const fluid = fluidOf(request, read);
  const stores = [...done.full].map((node) => network.part(node)).filter((part) => STORES.includes(part.kind) && part.volume);
  const litres = stores.reduce(
    (sum, part) => sum + (part.volume ? read.volumeM3('circuit.parts.volume', part.volume, { min: 0, max: 10 }) * 1000 : 0),
    0,
  );
  if (stores.length === 0) return [];
  const roomKg = MOST_FILLED * litres * (fluid ? fluid.liquidKgPerL(25) : ASSUMED_LIQUID_KG_PER_L);
  return chargeKg > roomKg
    ? [{ code: 'charge-too-large', chargeKg, roomKg }, ...(fluid ? [] : [{ code: 'density-assumed' } as const])]
    : [];
}

interface Task {
  readonly request: IsolateRequest;
  readonly read: FieldReader;
}

/** The circuit as drawn, then a heat pump's other position: the first in which the charge can be pumped away. */
function pumpedDown({ request, read }: Task): Way | readonly IsolationWhy[] {
  const drawn = networkOf(splitForGas(request.circuit));
  const work = request.work.flatMap((id) => nodesOf(drawn, id));
  const running = runningOf(drawn, work);
  const forbidden = forbids(request, running.length > 0, read);
  if (forbidden.length > 0) return forbidden;
  const failures: IsolationWhy[] = [];
  for (const network of [drawn, otherPosition(drawn.graph)]) {
    if (!network) continue;
    const isOther = network !== drawn;
    const tried = tryPumpDown({ network, work: request.work.flatMap((id) => nodesOf(network, id)), running });
    const problems = 'failed' in tried ? [tried.failed] : chargeFits(request, tried.done, network, read);
    if ('done' in tried && problems.length === 0 && !(isOther && tried.done.closeAfter.length === 0))
      return { method: 'pump-down', network, ...tried.done, why: reasons(network, tried.done, isOther) };
    if (!isOther) failures.push(...problems);
  }
  return failures;
}

const reasons = (network: Network, done: PumpDown, isOther: boolean): readonly IsolationWhy[] => [
  ...(isOther ? [{ code: 'other-position' } as const] : []),
  { code: 'valves-shut', parts: namesOf(network, done.close) },
  {
    code: 'emptied-by-compressor',
    parts: namesOf(
      network,
      [...done.emptied].filter((node) => touches(network, node, done.opened)),
    ),
  },
  ...heldOpen(network, done.open),
];

/** A tube that is opened itself stands as a part of its own between the two it joins, by its place: `from>to`. */
function withTubes(request: IsolateRequest): IsolateRequest {
  const { parts, links } = request.circuit;
  const opened = links.filter((link) => request.work.includes(tubePlace(link)));
  if (opened.length === 0) return request;
  const tubes = opened.map((link) => ({ id: tubePlace(link), kind: 'tube' as const }));
  const halves = links.flatMap((link) =>
    opened.includes(link)
      ? [
          { ...link, to: tubePlace(link) },
          { from: tubePlace(link), to: link.to },
        ]
      : [link],
  );
  return { ...request, circuit: { parts: [...parts, ...tubes], links: halves } };
}

/**
 * How the parts that are to be opened are freed of refrigerant: pumped down, recovered between valves, or all recovered.
 *
 * @param asked    the circuit, ids of the parts to open (or a tube by its place, as `from>to`), what is known of the low side, the charge; cuts and a hold for sections
 * @returns        valves to open, to shut, to shut afterwards, what is emptied, what is open to air then, what stays full; why; refused: an
 *                 unknown part, a circuit that cannot be
 * @accuracy       everything not known to close tight counts as open, every compressor as standing unless it is said to run
 * @source         pump-down practice; a compressor that draws air in with oil has burst: never with a leak on the low side, below zero gauge, with
 *                 air inside or a joint open
 */
export function isolate(asked: IsolateRequest): Result<Isolation> {
  const circuit = readCircuit(asked.circuit, 'circuit.');
  if (!circuit.ok) return circuit;
  const request = withTubes(asked);
  const read = new FieldReader();
  read.readAtmosphere(request);
  if (request.work.length === 0) read.errors.push({ kind: 'missing', field: 'work', needed: 'work-part' });
  readIds('work', request.work, request.circuit, read);
  readIds('split', request.split ?? [], request.circuit, read);
  if (read.errors.length > 0) return fail(...read.errors);
  const pumped = pumpedDown({ request, read });
  const way = 'method' in pumped ? pumped : recovered(request, pumped);
  const seen = request.hold ? seenBy(request.hold, read) : null;
  const sections = request.split ? sectionsOf(request.circuit, request.split, seen, read) : null;
  return read.errors.length > 0
    ? fail(...read.errors)
    : ok({ ...asParts(way, request.circuit), cautions: cautionsOf(way, request), why: way.why, sections });
}

/** Nodes back to parts. A part that is full on one side stays full. */
function asParts(way: Way, circuit: CircuitGraph) {
  const ids = circuit.parts.map((part) => part.id);
  const all = (set: ReadonlySet<string>) => ids.filter((id) => nodesOf(way.network, id).every((node) => set.has(node)));
  const some = (nodes: readonly string[]) => ids.filter((id) => nodesOf(way.network, id).some((node) => nodes.includes(node)));
  const emptied = all(way.emptied);
  const opened = ids.filter((id) => emptied.includes(id) && nodesOf(way.network, id).some((node) => way.opened.has(node)));
  return {
    method: way.method,
    ...{ open: some(way.open), close: some(way.close), closeAfter: some(way.closeAfter), emptied, opened },
    staysFull: ids.filter((id) => !emptied.includes(id)),
  };
}
