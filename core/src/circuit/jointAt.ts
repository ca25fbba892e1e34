import type { OutletKind, SectionRequest } from '../purge/request';
import type { CircuitKind, NearKind, Side } from '../vocabulary';
import type { Quantity } from '../unit/units';
import { metresOf } from '../unit/units';
import { withoutBypassed } from './checks';
import { kindOf, LETS_DOWN, measuredLength, partOfPassage, reached, splitReversing, type CircuitGraph, type CircuitLink } from './graph';
import { sweptSection } from './readPlate';

/** Where a joint sits: on a part, at the end of the tube that goes from one part to another. */
export interface JointPlace {
  readonly part: string;
  readonly from: string;
  readonly to: string;
}

/** What the drawing says of a joint's place. */
export interface JointOnCircuit {
  readonly kind: CircuitKind;
  readonly side: Side;
  readonly tube: CircuitLink['tube'] | null;
  /** Parts so near along the tube that its heat may reach them. */
  readonly near: readonly { readonly kind: NearKind; readonly distance: Quantity }[];
  /** Tubes and parts that nitrogen sweeps on this side, as far as they are measured or assumed. */
  readonly sections: readonly SectionRequest[];
  /** A length among them was measured by nobody. */
  readonly sweptAssumed: boolean;
  readonly outlet: OutletKind;
}

/** Heat of a joint is not felt further along a tube than this [m]. Judgement from the tube model: copper at brazing heat is within its limits there. */
const REACH_M = 1;

const isLink = (place: JointPlace) => (link: CircuitLink) => link.from === place.from && link.to === place.to;

/** What a tube carries: hot gas up to the condenser, liquid up to where it is let down, then cold gas on its way back. */
function sideOf(graph: CircuitGraph, at: number): Side {
  const split = withoutBypassed(splitReversing(graph));
  const from = split.links[at]?.from ?? '';
  const meets = (kinds: readonly CircuitKind[], bars: readonly CircuitKind[]) => {
    const here = kindOf(split, from);
    if (here && kinds.includes(here)) return true;
    if (here && bars.includes(here)) return false;
    return [...reached(split, from, 'upstream', [...kinds, ...bars])].some((id) => kinds.includes(kindOf(split, id) ?? 'tube'));
  };
  if (meets(['compressor'], ['condenser', 'evaporator', ...LETS_DOWN])) return 'discharge';
  if (meets(['condenser'], ['evaporator', ...LETS_DOWN])) return 'liquid';
  return meets(['evaporator'], ['compressor', ...LETS_DOWN]) ? 'suction' : 'low';
}

const isHigh = (side: Side) => side === 'discharge' || side === 'liquid' || side === 'high';

function nearAlong(graph: CircuitGraph, place: JointPlace): JointOnCircuit['near'] {
  const other = place.part === place.from ? place.to : place.from;
  const link = graph.links.find(isLink(place));
  const length = link && measuredLength(link);
  const kind = kindOf(graph, other);
  return kind && length && metresOf(length) <= REACH_M ? [{ kind, distance: length }] : [];
}

function sectionsOf(graph: CircuitGraph, high: boolean): readonly SectionRequest[] {
  const tubes = graph.links.flatMap((link, i) => {
    const { tube } = link;
    if (!tube?.length || isHigh(sideOf(graph, i)) !== high) return [];
    const section = sweptSection({ od: tube.od, length: tube.length, ...(tube.wall ? { wall: tube.wall } : {}) });
    return section ? [section] : [];
  });
  const parts = graph.parts.flatMap((part) => {
    const out = graph.links.findIndex((link) => link.to === part.id || link.from === part.id);
    return part.volume && isHigh(sideOf(graph, out)) === high ? [{ volume: part.volume }] : [];
  });
  return [...tubes, ...parts];
}

/** Where the gas may leave on this side: through a port with its core taken out; without a port only at an open end. */
function outletOf(graph: CircuitGraph, high: boolean): OutletKind {
  const ports = graph.parts.filter((part) => part.kind === 'port');
  const here = ports.filter(
    (port) =>
      isHigh(
        sideOf(
          graph,
          graph.links.findIndex((link) => link.to === port.id),
        ),
      ) === high,
  );
  return here.length === 0 ? 'open-tube' : 'port-core-out';
}

/**
 * What a drawn circuit says of a joint: side, size, neighbours, purge path.
 *
 * @param graph  a circuit that was read
 * @param place  the part and the tube that meet there
 * @returns      side by what the tube carries; the tube's size where it is drawn; parts within 1 m along that tube; measured and assumed
 *               tubes and volumes of the joint's side; null where the circuit has no such place any more
 * @source       order of the vapour-compression cycle
 */
export function jointAt(graph: CircuitGraph, place: JointPlace): JointOnCircuit | null {
  const at = graph.links.findIndex(isLink(place));
  const kind = kindOf(graph, partOfPassage(place.part));
  if (at < 0 || !kind || (place.part !== place.from && place.part !== place.to)) return null;
  const side = sideOf(graph, at);
  return {
    ...{ kind, side, tube: graph.links[at]?.tube ?? null },
    near: nearAlong(graph, place),
    sections: sectionsOf(graph, isHigh(side)),
    sweptAssumed: graph.links.some(({ tube }, i) => tube?.lengthAssumed && isHigh(sideOf(graph, i)) === isHigh(side)),
    outlet: outletOf(graph, isHigh(side)),
  };
}
