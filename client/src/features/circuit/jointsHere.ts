import { proposedJoints, tubePlace, type CircuitGraph, type JointPlace, type UnitPreferences } from '@kesto/core';
import { drawnName } from '@kesto/contract/wording';
import type { Chosen } from '@/drawing/circuit/Targets';
import { jointTitle } from '@/data/circuits/jointTitle';

/** A joint that could be planned at what was tapped. */
export interface JointHere {
  readonly label: string;
  readonly title: string;
  readonly at: JointPlace;
}

/** Both ends of the tube that was tapped, or every tube's end on the part. */
export function jointsHere(graph: CircuitGraph, chosen: Chosen, units: UnitPreferences): readonly JointHere[] {
  const link = chosen && 'link' in chosen ? graph.links[chosen.link] : undefined;
  const asked = chosen && 'part' in chosen ? chosen.part : link && tubePlace(link);
  return proposedJoints(graph, asked === undefined ? [] : [asked], []).map((joint) => {
    const { part, from, to, end } = joint;
    const other = drawnName(graph, end === 'inlet' ? from : to);
    const label = link ? `at ${drawnName(graph, part)}` : `tube ${end === 'inlet' ? 'from' : 'to'} ${other}`;
    return { label, title: jointTitle(graph, joint, units), at: { part, from, to } };
  });
}
