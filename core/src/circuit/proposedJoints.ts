import { HUNG_KINDS } from './edit';
import { kindOf, tubePlace, type CircuitGraph } from './graph';
import type { JointPlace } from './jointAt';

/** A joint that the work asks for: where it sits, and which way the tube leads. */
export interface ProposedJoint extends JointPlace {
  /** The tube brings to the part, or leads away from it. */
  readonly end: 'inlet' | 'outlet';
}

const same = (a: JointPlace, b: JointPlace) => a.part === b.part && a.from === b.from && a.to === b.to;

/**
 * Joints at what is opened: every tube that ends on a part that is worked on (a drier has two, a reversing valve four), in the order of the
 * work and along the flow.
 *
 * @param work  ids of the parts that are opened, or tubes as `from>to`: a new piece of tube has one at each end
 * @param have  places at which a joint is planned already
 * @returns     places that are still without one; none at a part that is not drawn
 */
export function proposedJoints(graph: CircuitGraph, work: readonly string[], have: readonly JointPlace[]): readonly ProposedJoint[] {
  // What hangs on a part is screwed on.
  const isBrazed = (id: string) => !HUNG_KINDS.includes(kindOf(graph, id) ?? 'port');
  const places = work.flatMap((id): readonly ProposedJoint[] => {
    return graph.links.flatMap((link): readonly ProposedJoint[] => {
      const at = { from: link.from, to: link.to };
      const whole = tubePlace(link) === id;
      if (!isBrazed(link.from) || !isBrazed(link.to)) return [];
      return [
        ...(link.to === id || whole ? [{ ...at, part: link.to, end: 'inlet' } as const] : []),
        ...(link.from === id || whole ? [{ ...at, part: link.from, end: 'outlet' } as const] : []),
      ];
    });
  });
  return places.filter((place, i) => !have.some((one) => same(one, place)) && places.findIndex((other) => same(other, place)) === i);
}
