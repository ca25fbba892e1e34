import type { CircuitGraph, ProposedJoint, UnitPreferences } from '@kesto/core';
import { drawnName } from '@kesto/contract/wording';
import { outsideText } from '@/drawing/circuit/tubeText';

/** What a proposed joint is called: by its part and which end of it; where it has several of those, by where the tube leads. */
export function jointTitle(graph: CircuitGraph, joint: ProposedJoint, units: UnitPreferences): string {
  const { part, from, to, end } = joint;
  const same = graph.links.filter((link) => (end === 'inlet' ? link.to : link.from) === part);
  const other = drawnName(graph, end === 'inlet' ? from : to);
  const which = same.length > 1 ? `${end === 'inlet' ? 'from' : 'to'} ${other}` : end;
  const tube = graph.links.find((link) => link.from === from && link.to === to)?.tube;
  return `${drawnName(graph, part)}, ${which}${tube ? `, ${outsideText(tube, units)}` : ''}`;
}
