import type { CircuitPart } from '../circuit/graph';
import { cheapestWay, dischargeOf, flood, suctionOf, touches, type Limits, type Network } from './network';
import { lockedBy, withoutLock } from './locked';
import { between, canShut, isShut, joinedTo, STORES } from './valves';
import { namesOf } from './way';
import type { IsolationWhy } from './why';

/** How the charge is pumped into condenser and receiver, as nodes. */
export interface PumpDown {
  readonly open: readonly string[];
  readonly close: readonly string[];
  readonly closeAfter: readonly string[];
  readonly emptied: ReadonlySet<string>;
  readonly opened: ReadonlySet<string>;
  /** What holds the charge. */
  readonly full: ReadonlySet<string>;
}

export type PumpDownTry = { readonly done: PumpDown } | { readonly failed: IsolationWhy };

interface Task {
  readonly network: Network;
  /** Nodes of the work. */
  readonly work: readonly string[];
  /** Ids of running compressors of the work's own loop. */
  readonly running: readonly string[];
}

/** A compressor that stands holds nothing back unless it was seen to; one that runs lets nothing through. */
const passesOf = (running: readonly string[]) => (compressor: CircuitPart) =>
  !running.includes(compressor.id) && compressor.closes !== true;

/** What the discharge still fills with these valves shut. */
const filledBy = (task: Task, bars: Limits['bars']) =>
  flood(task.network, task.running.map(dischargeOf), {
    ...(bars ? { bars } : {}),
    ...{ checks: 'none', passesCompressor: passesOf(task.running) },
  });

/**
 * The charge pumped into condenser and receiver by the machine's own compressor.
 *
 * Valves are shut as near to the receiver as they cut every way to the work; without a receiver, or without such valves, to the condenser.
 */
export function tryPumpDown(task: Task): PumpDownTry {
  const failures: IsolationWhy[] = [];
  for (const store of ['receiver', 'condenser'] as const) {
    if (store === 'receiver' && !task.network.nodes.some((node) => task.network.part(node).kind === 'receiver')) continue;
    const before = between(task.network, task.running, store);
    const beforeCondenser = between(task.network, task.running, 'condenser');
    const eligible = (node: string) =>
      canShut(task.network, node) && !task.work.includes(node) && !before.has(node) && !beforeCondenser.has(node);
    const tried = withoutLock<PumpDown, IsolationWhy>((left) => {
      const found = withValves(task, (node) => eligible(node) && !left.has(node));
      if ('failed' in found) return found;
      const { close, closeAfter, open, emptied } = found.done;
      return { ...found, locked: lockedBy(task.network, { shut: [...close, ...closeAfter], open, emptied }) };
    });
    if ('done' in tried) return tried;
    failures.push(
      tried.locked ? { code: 'would-lock-liquid', parts: namesOf(task.network, tried.locked) } : (tried.failed ?? { code: 'not-running' }),
    );
  }
  return { failed: failures.at(-1) ?? { code: 'not-running' } };
}

function withValves(task: Task, eligible: (node: string) => boolean): PumpDownTry {
  const { network, work, running } = task;
  const full = filledBy(task, eligible);
  const stillFull = work.filter((node) => full.has(node));
  const hasStore = [...full].some((node) => STORES.includes(network.part(node).kind));
  if (!hasStore) return { failed: { code: 'work-stays-full', parts: namesOf(network, work) } };
  if (stillFull.length > 0) return { failed: { code: 'work-stays-full', parts: namesOf(network, stillFull) } };
  const inlets = running.map(suctionOf);
  if (inlets.some((node) => full.has(node))) return { failed: { code: 'fed-by-part', parts: feeds(task, eligible) } };
  const atStore = (node: string) => eligible(node) && touches(network, node, full);
  const bars = (node: string) => full.has(node) || atStore(node);
  const ways = work.map((node) =>
    cheapestWay(
      network,
      { from: node, isGoal: (other) => inlets.includes(other), costs: (other) => isShut(network, other) },
      { bars, checks: 'all' },
    ),
  );
  const stuck = work.filter((_, i) => ways[i] === null);
  if (stuck.length > 0) return { failed: { code: 'no-way-out', parts: namesOf(network, stuck) } };
  const low = flood(network, [...work, ...inlets], { bars, passesCompressor: passesOf(running) });
  const close = network.nodes.filter((node) => atStore(node) && touches(network, node, low));
  const onTheWay = [...new Set(ways.flatMap((way) => way ?? []).filter((node) => isShut(network, node)))];
  // A solenoid shuts with the thermostat and with the lock-out: whatever is emptied through it is empty only while it is held open.
  const held = [...low].filter((node) => network.part(node).kind === 'solenoid');
  const open = [...new Set([...onTheWay, ...held])];
  const trapped = trappedIn(network, { low, open, starts: [...work, ...inlets] });
  const emptied = new Set([...low].filter((node) => !trapped.has(node)));
  return { done: { ...{ open, close, emptied, full }, ...after(task, emptied, bars) } };
}

/** What stays full on the emptied side, behind something shut that no way to the compressor leads through. */
function trappedIn(
  network: Network,
  { low, open, starts }: { low: ReadonlySet<string>; open: readonly string[]; starts: readonly string[] },
): ReadonlySet<string> {
  const bars = (node: string) => !low.has(node) || (isShut(network, node) && !open.includes(node));
  const free = flood(network, starts, { bars, passesCompressor: () => true });
  // A shut valve at the edge of what is emptied is empty on that side; the part behind it is not.
  return new Set([...low].filter((node) => !free.has(node)));
}

/** Valves shut towards the compressor once it stands, and what is then open to the air. */
function after({ network, work }: Task, emptied: ReadonlySet<string>, bars: (node: string) => boolean) {
  const inlets = [...emptied].filter((node) => network.part(node).kind === 'compressor');
  const shuts = (node: string) => canShut(network, node) && !work.includes(node);
  const atInlet = flood(network, inlets, { bars: (node) => bars(node) || shuts(node) });
  const isHeld = !work.some((node) => atInlet.has(node));
  const inner = (node: string) => shuts(node) && touches(network, node, atInlet);
  const reach = flood(network, work, { bars: (node) => bars(node) || (isHeld && inner(node)) });
  const opened = new Set([...reach].filter((node) => emptied.has(node)));
  const closeAfter = isHeld ? [...emptied].filter((node) => inner(node) && touches(network, node, reach)) : [];
  return { opened, closeAfter };
}

/** Through what the discharge gets to the side that would be emptied: standing compressors first, else what could have been shut. */
function feeds(task: Task, eligible: (node: string) => boolean): readonly string[] {
  const { network, running } = task;
  const passesCompressor = passesOf(running);
  const way = cheapestWay(
    network,
    { from: dischargeOf(running[0] ?? ''), isGoal: (node) => running.some((id) => suctionOf(id) === node), costs: () => false },
    { bars: eligible, checks: 'none', passesCompressor },
  );
  const inside = (way ?? []).slice(1, -1);
  const standing = inside.filter((node) => network.part(node).kind === 'compressor');
  const valves = inside.filter((node) => ['valve', 'solenoid', 'check-valve', 'expansion-valve'].includes(network.part(node).kind));
  return namesOf(network, standing.length > 0 ? standing : valves.length > 0 ? valves : inside);
}

/** Running compressors that the work's refrigerant gets to. */
export function runningOf(network: Network, work: readonly string[]): readonly string[] {
  const joined = joinedTo(network, work);
  return network.graph.parts
    .filter((part) => part.kind === 'compressor' && part.runs === true && joined.has(suctionOf(part.id)))
    .map((p) => p.id);
}
