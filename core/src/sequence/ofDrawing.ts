import type { CircuitKind } from '../vocabulary';
import { kindOf, tubePlace, type CircuitGraph, type CircuitLink, type CircuitPart } from '../circuit/graph';
import type { JointPlace } from '../circuit/jointAt';
import { isColdMethod } from '../cold/cold';
import { MADE, type JointState } from '../record/state';
import type { StageFact } from '../stage/entry';
import { joiningOf } from '../stage/joining';
import type { SequenceJointRequest, SequenceRequest } from './request';

/** A joint of a job as far as its turn hangs on it. */
export interface DrawnJoint {
  readonly id: string;
  /** Null: it is not on the drawing, and its turn hangs on nothing that is drawn. */
  readonly at: JointPlace | null;
  readonly isBench: boolean;
}

/** Joints of a job as its order asks of them: those that are made are tube by now, what is joined cold needs no gas, and what is made on the bench was decided for its part. */
export function drawnJointsOf(
  joints: readonly { readonly id: string; readonly at: JointPlace | null; readonly state: JointState }[],
  facts: readonly StageFact[],
): readonly DrawnJoint[] {
  const last = joiningOf(facts);
  return joints
    .filter(({ state, at }) => !MADE.includes(state) && !isColdMethod(at ? last.get(at.part) : undefined))
    .map(({ id, at }) => ({ id, at, isBench: at !== null && last.get(at.part) === 'bench' }));
}

/** Nothing is pushed through these: a tube that ends at one is swept from its other side. */
const DEAD_ENDS: readonly CircuitKind[] = ['compressor', 'capillary'];

/** A joint whose tube leads straight to a dead end is a joint of that end itself. */
function deadEndOf(graph: CircuitGraph, at: JointPlace, joints: readonly DrawnJoint[]): string | null {
  const other = at.part === at.from ? at.to : at.from;
  const isOnlyOne = joints.filter((joint) => joint.at && tubePlace(joint.at) === tubePlace(at)).length === 1;
  return isOnlyOne && DEAD_ENDS.includes(kindOf(graph, other) ?? 'tube') ? other : null;
}

/** The drawing with each tube that a joint is at standing as a part of its own, so that a joint at either end of it is told apart. */
function withTubes({ parts, links }: CircuitGraph, joints: readonly DrawnJoint[]): CircuitGraph {
  const split = new Set(joints.flatMap(({ at }) => (at && deadEndOf({ parts, links }, at, joints) === null ? [tubePlace(at)] : [])));
  const tubes = links.filter((link) => split.has(tubePlace(link)));
  const asPart = (link: CircuitLink): CircuitPart => ({ id: tubePlace(link), kind: 'tube' });
  const halves = (link: CircuitLink): readonly CircuitLink[] => [
    { from: link.from, to: tubePlace(link) },
    { from: tubePlace(link), to: link.to },
  ];
  return {
    parts: [...parts, ...tubes.map(asPart)],
    links: links.flatMap((link) => (split.has(tubePlace(link)) ? halves(link) : [link])),
  };
}

const isDrawn = ({ links }: CircuitGraph, { from, to }: JointPlace) => links.some((link) => link.from === from && link.to === to);

/**
 * What is asked of the order of a job's joints, from its drawing: every port may be opened, and the hose begins at one of them.
 *
 * @param joints  of the job; those that are not drawn are left out
 * @param inlet   where the hose is; null: the first port
 * @returns       null where no joint is drawn, or the drawing has no port
 */
export function sequenceOfDrawing(graph: CircuitGraph, joints: readonly DrawnJoint[], inlet: string | null): SequenceRequest | null {
  const drawn = joints.filter(({ at }) => at !== null && isDrawn(graph, at));
  const ports = graph.parts.filter(({ kind }) => kind === 'port').map(({ id }) => id);
  const first = inlet !== null && ports.includes(inlet) ? inlet : ports[0];
  if (drawn.length === 0 || first === undefined) return null;
  const asked = drawn.flatMap(({ id, at, isBench }): readonly SequenceJointRequest[] =>
    at ? [{ id, a: at.part, b: deadEndOf(graph, at, drawn) ?? tubePlace(at), ...(isBench ? { bench: true } : {}) }] : [],
  );
  return { circuit: withTubes(graph, drawn), joints: asked, ports: ports.filter((port) => port !== first), inlet: first };
}
