import { partOfPassage, type CircuitGraph } from '../circuit/graph';
import { readCircuit } from '../circuit/readCircuit';
import { caution, stopsFirst, type Caution } from '../caution/table';
import { readRefrigerant } from '../refrigerant/saturation';
import { fail, ok, type Result } from '../result';
import { FieldReader } from '../unit/fieldReader';
import type { CircuitKind } from '../vocabulary';
import { flood, networkOf, nodesOf, splitForGas, touches, type Network } from './network';
import { otherPosition } from './otherPosition';
import { runningOf, tryPumpDown, type PumpDown } from './pumpDown';
import type { IsolateRequest } from './request';
import { hasTap, sectionsOf, seenBy, type HeldSection } from './sections';
import { canShut, isShut, joinedTo } from './valves';
import type { IsolationWhy } from './why';
import { type IsolationMethod } from '../ledger/words';

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
const VESSELS: readonly CircuitKind[] = ['condenser', 'receiver', 'evaporator', 'accumulator', 'compressor'];
const STORES: readonly CircuitKind[] = ['condenser', 'receiver'];
/** Pump-down stops between 0 and this [Pa gauge]. */
const STOP_BELOW_PA = 14_000;

/** A way to isolate, as nodes of its network. */
interface Way {
  readonly method: IsolationMethod;
  readonly network: Network;
  readonly open: readonly string[];
  readonly close: readonly string[];
  readonly closeAfter: readonly string[];
  readonly emptied: ReadonlySet<string>;
  readonly opened: ReadonlySet<string>;
  readonly why: readonly IsolationWhy[];
}

function readIds(field: string, ids: readonly string[], circuit: CircuitGraph, read: FieldReader): void {
  ids.forEach((id, i) => {
    if (!circuit.parts.some((part) => part.id === id))
      read.errors.push({ kind: 'refused', field: `${field}[${i}]`, reason: 'no-such-part', value: id });
  });
}

/** What forbids pumping down before a valve is looked at. */
function forbids(request: IsolateRequest, isRunning: boolean, read: FieldReader): readonly IsolationWhy[] {
  const { state = {} } = request;
  const lowPa = state.lowSidePressure
    ? read.gaugePressure('state.lowSidePressure', state.lowSidePressure, { min: -101_325, max: 20e6 })
    : 0;
  return [
    ...(isRunning ? [] : [{ code: 'not-running' } as const]),
    ...(state.lowSideLeak ? [{ code: 'low-side-leak' } as const] : []),
    ...(lowPa < 0 ? [{ code: 'below-zero' } as const] : []),
    ...(state.airInside ? [{ code: 'air-inside' } as const] : []),
    ...(state.jointOpen ? [{ code: 'joint-open' } as const] : []),
  ];
}

/** Whether the charge goes into what would hold it, as far as the volumes are known. */
function chargeFits(request: IsolateRequest, done: PumpDown, network: Network, read: FieldReader): readonly IsolationWhy[] {
  if (!request.charge) return [];
  const chargeKg = read.massKg('charge', request.charge, { min: 0, max: 100_000 });
  const fluid = request.refrigerant === undefined ? null : readRefrigerant(request.refrigerant, read);
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

const namesOf = (network: Network, nodes: Iterable<string>) => [...new Set([...nodes].map((node) => partOfPassage(network.part(node).id)))];

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
];

/** The refrigerant taken out by a machine: of the piece between valves that close, or all of it. */
function recovered(request: IsolateRequest, why: readonly IsolationWhy[]): Way {
  const network = networkOf(splitForGas(request.circuit));
  const work = request.work.flatMap((id) => nodesOf(network, id));
  const shuts = (node: string) => canShut(network, node) && !work.includes(node);
  const passesCompressor = () => true;
  const inside = flood(network, work, { bars: shuts, passesCompressor });
  const joined = joinedTo(network, work);
  const beyond = [...joined].filter((node) => !inside.has(node) && !shuts(node) && network.part(node).kind !== 'port');
  const isBounded = beyond.length > 0;
  const beyondAll = flood(network, beyond, { bars: (node) => inside.has(node) || shuts(node), passesCompressor });
  const close = isBounded
    ? network.nodes.filter((node) => shuts(node) && touches(network, node, inside) && touches(network, node, beyondAll))
    : [];
  const emptied = isBounded ? flood(network, work, { bars: (node) => close.includes(node), passesCompressor }) : joined;
  const isSection = isBounded && [...emptied].length < joined.size - close.length;
  const taken = isSection ? emptied : joined;
  return {
    method: isSection ? 'recover-section' : 'recover-all',
    ...{ network, closeAfter: [], emptied: taken, opened: taken },
    close: isSection ? close : [],
    open: [...taken].filter((node) => isShut(network, node)),
    why: [...why, isSection ? { code: 'bounded', parts: namesOf(network, close) } : { code: 'not-bounded' }],
  };
}

/** Pieces that liquid fills and nothing lets it out of: between shut parts, with no vessel that has room for its growth. */
function lockedIn(way: Way): readonly string[] {
  const { network } = way;
  const shut = new Set([
    ...[...way.close, ...way.closeAfter],
    ...network.nodes.filter((node) => isShut(network, node) && !way.open.includes(node)),
  ]);
  const left = new Set(network.nodes.filter((node) => !way.emptied.has(node) && !shut.has(node)));
  const locked: string[] = [];
  for (const start of left) {
    const piece = flood(network, [start], { bars: (node) => shut.has(node), passesCompressor: () => true });
    for (const node of piece) left.delete(node);
    const ends = [...shut].filter((node) => touches(network, node, piece));
    const hasRoom = [...piece].some((node) => VESSELS.includes(network.part(node).kind) || way.emptied.has(node));
    if (!hasRoom && ends.length > 1) locked.push(...piece);
  }
  return namesOf(network, locked);
}

/** A gauge and a hose find a port on what is emptied, or on a service valve that bounds it. */
const hasPort = ({ network, emptied, close }: Way): boolean =>
  hasTap(network, emptied) || close.some((node) => network.ways(node).some((next) => network.part(next.to).kind === 'port'));

function cautionsOf(way: Way): readonly Caution[] {
  const locked = lockedIn(way);
  const isPumped = way.method === 'pump-down';
  const first = namesOf(way.network, way.opened)[0] ?? '';
  return stopsFirst([
    ...(isPumped && way.closeAfter.length === 0 ? [caution('compressor-holds')] : []),
    ...(locked.length > 0 ? [caution('liquid-lock', { parts: locked.join(', ') })] : []),
    ...(hasPort(way) ? [] : [caution('no-port', { part: first })]),
    ...(isPumped ? [caution('stop-above-zero', { mostPa: STOP_BELOW_PA })] : []),
  ]);
}

/**
 * How the parts that are to be opened are freed of refrigerant: pumped down, recovered between valves, or all recovered.
 *
 * @param request  the circuit, ids of the parts to open, what is known of the low side, the charge; cuts and a hold for sections
 * @returns        valves to open, to shut, to shut afterwards, what is emptied, what is open to air then, what stays full; why; refused: an
 *                 unknown part, a circuit that cannot be
 * @accuracy       everything not known to close tight counts as open, every compressor as standing unless it is said to run
 * @source         pump-down practice; a compressor that draws air in with oil has burst: never with a leak on the low side, below zero gauge, with
 *                 air inside or a joint open
 */
export function isolate(request: IsolateRequest): Result<Isolation> {
  const circuit = readCircuit(request.circuit, 'circuit.');
  if (!circuit.ok) return circuit;
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
    : ok({ ...asParts(way, request.circuit), cautions: cautionsOf(way), why: way.why, sections });
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
