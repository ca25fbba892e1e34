import { HUNG_KINDS } from '../circuit/edit';
import { flood, networkOf, nodesOf, splitForGas, touches, type Network } from './network';
import { lockedBy, withoutLock } from './locked';
import type { IsolateRequest } from './request';
import { canShut, isShut, joinedTo } from './valves';
import { heldOpen, namesOf, type Way } from './way';
import type { IsolationWhy } from './why';

interface Taken {
  readonly close: readonly string[];
  readonly emptied: ReadonlySet<string>;
}

const passesCompressor = () => true;

/** The piece round the work between valves that can be shut; null where nothing but a gauge's or a switch's end lies beyond them. */
function pieceOf(network: Network, work: readonly string[], shuts: (node: string) => boolean): Taken | null {
  const inside = flood(network, work, { bars: shuts, passesCompressor });
  const joined = joinedTo(network, work);
  const beyond = [...joined].filter((node) => !inside.has(node) && !shuts(node) && !HUNG_KINDS.includes(network.part(node).kind));
  if (beyond.length === 0) return null;
  const beyondAll = flood(network, beyond, { bars: (node) => inside.has(node) || shuts(node), passesCompressor });
  const close = network.nodes.filter((node) => shuts(node) && touches(network, node, inside) && touches(network, node, beyondAll));
  const emptied = flood(network, work, { bars: (node) => close.includes(node), passesCompressor });
  return emptied.size < joined.size - close.length ? { close, emptied } : null;
}

/** The refrigerant taken out by a machine: of the piece between valves that close, or all of it. */
export function recovered(request: IsolateRequest, why: readonly IsolationWhy[]): Way {
  const network = networkOf(splitForGas(request.circuit));
  const work = request.work.flatMap((id) => nodesOf(network, id));
  const tried = withoutLock<Taken, IsolationWhy>((left) => {
    const piece = pieceOf(network, work, (node) => canShut(network, node) && !work.includes(node) && !left.has(node));
    if (!piece) return { failed: { code: 'not-bounded' } };
    return { done: piece, locked: lockedBy(network, { shut: piece.close, open: [], emptied: piece.emptied }) };
  });
  const section = 'done' in tried ? tried.done : null;
  const taken = section?.emptied ?? joinedTo(network, work);
  const close = section?.close ?? [];
  const open = [...taken].filter((node) => isShut(network, node) || network.part(node).kind === 'solenoid');
  return {
    method: section ? 'recover-section' : 'recover-all',
    ...{ network, close, open, closeAfter: [], emptied: taken, opened: taken },
    why: [...why, ...whyOf(network, tried, close), ...heldOpen(network, open)],
  };
}

function whyOf(
  network: Network,
  tried: ReturnType<typeof withoutLock<Taken, IsolationWhy>>,
  close: readonly string[],
): readonly IsolationWhy[] {
  if ('done' in tried) return [{ code: 'bounded', parts: namesOf(network, close) }];
  return tried.locked ? [{ code: 'would-lock-liquid', parts: namesOf(network, tried.locked) }] : [tried.failed ?? { code: 'not-bounded' }];
}
