import type { CircuitGraph, CircuitPart } from '../circuit/graph';
import type { SequenceJointRequest } from './request';

/** A way of the gas: where it goes in, where it leaves, and which shut valves are opened for it. */
export interface GasWay {
  readonly inlet: string;
  /** A port, or a joint that is not made yet. */
  readonly outlet: string;
  readonly outletIsJoint: boolean;
  readonly open: readonly string[];
  /** Parts it passes, from the inlet to where it leaves. */
  readonly path: readonly string[];
}

/** What no gas passes, made or not. */
const blocks = ({ kind, open, fault }: CircuitPart): boolean =>
  kind === 'capillary' ||
  kind === 'compressor' ||
  ((kind === 'valve' || kind === 'expansion-valve') && open === false && fault === 'seized');
const isShut = ({ kind, open }: CircuitPart): boolean =>
  open === false && (kind === 'valve' || kind === 'expansion-valve' || kind === 'solenoid');

interface Arc {
  readonly to: string;
  /** Joints on the way that have to be made, by their place in the request. */
  readonly joints: readonly number[];
}

const STEPS = 20_000;

/** How gas gets through a circuit in which some joints are not made: an open end lets it out and not past. */
export class GasWays {
  private readonly parts = new Map<string, CircuitPart>();
  private readonly arcs = new Map<string, Arc[]>();

  constructor(
    graph: CircuitGraph,
    private readonly joints: readonly SequenceJointRequest[],
    private readonly ports: readonly string[],
    /** Whether the end of one joint is far enough from the flame at another to let the gas out there. */
    private readonly isFar: (from: number, to: number) => boolean,
  ) {
    for (const part of graph.parts) this.parts.set(part.id, part);
    const linked = new Set(graph.links.map(({ from, to }) => [from, to].sort().join('>')));
    const own = (from: string, to: string) =>
      joints.flatMap(({ a, b }, i) => ((a === from && b === to) || (a === to && b === from) ? [i] : []));
    const join = (from: string, to: string, back: boolean) => {
      const on = own(from, to);
      this.arcs.set(from, [...(this.arcs.get(from) ?? []), { to, joints: on }]);
      if (back) this.arcs.set(to, [...(this.arcs.get(to) ?? []), { to: from, joints: on }]);
    };
    for (const { from, to } of graph.links) {
      const oneWay = [from, to].some((id) => this.parts.get(id)?.kind === 'check-valve');
      join(from, to, !oneWay);
    }
    // Two parts that a joint puts together are linked by it, drawn so or not.
    for (const { a, b } of joints) if (!linked.has([a, b].sort().join('>')) && a !== b) join(a, b, true);
  }

  /**
   * Ways for the gas from one inlet while a joint is made: one that an open joint lets out alone, where there is one (it asks nothing of the
   * rig), else every port it reaches, in their order.
   */
  waysFrom(inlet: string, joint: number, made: (i: number) => boolean): readonly GasWay[] {
    const ways = this.fromInlet(inlet, joint, made);
    const free = ways.find((way) => way.outletIsJoint);
    return free ? [free] : ways;
  }

  private fromInlet(inlet: string, joint: number, made: (i: number) => boolean): readonly GasWay[] {
    const own = this.joints[joint];
    if (!own) return [];
    const found = new Map<string, GasWay>();
    // A joint may be called as a port is.
    const keep = (outlet: string, outletIsJoint: boolean, path: readonly string[]) => {
      const key = `${outletIsJoint ? 'joint' : 'port'} ${outlet}`;
      if ((!outletIsJoint && outlet === inlet) || found.has(key)) return;
      const open = path.filter((id) => isShut(this.parts.get(id) ?? { id, kind: 'tube' }));
      found.set(key, { inlet, outlet, outletIsJoint, open: [...open, outlet], path });
    };
    const swept = this.sweptAlone(own);
    let steps = 0;
    let isFree = false;
    const walk = (at: string, path: readonly string[], isThrough: boolean): void => {
      if (isFree || (steps += 1) > STEPS) return;
      // A member that nothing is pushed through: it is enough that gas reaches the other one.
      const through = isThrough || swept.includes(at);
      if (through)
        this.outletsAt(at, joint, made, (outlet, isJoint) => {
          isFree ||= isJoint;
          keep(outlet, isJoint, path);
        });
      const part = this.parts.get(at);
      if (path.length > 1 && part && blocks(part)) return;
      for (const { to, joints } of this.arcs.get(at) ?? []) {
        if (path.includes(to)) continue;
        if (joints.some((i) => i !== joint && !made(i))) continue;
        walk(to, [...path, to], through || joints.includes(joint));
      }
    };
    walk(inlet, [inlet], false);
    return [...found.values()];
  }

  /** The members beside a capillary or a compressor: gas is not pushed through those. */
  private sweptAlone({ a, b }: SequenceJointRequest): readonly string[] {
    const isEnd = (id: string) => ['capillary', 'compressor'].includes(this.parts.get(id)?.kind ?? '');
    return isEnd(a) === isEnd(b) ? [] : [isEnd(a) ? b : a];
  }

  private outletsAt(at: string, joint: number, made: (i: number) => boolean, keep: (outlet: string, isJoint: boolean) => void): void {
    if (this.ports.includes(at)) keep(at, false);
    this.joints.forEach(({ id, a, b }, i) => {
      if (i !== joint && !made(i) && (a === at || b === at) && this.isFar(joint, i)) keep(id, true);
    });
  }
}
