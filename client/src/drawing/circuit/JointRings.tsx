import type { JointSummary } from '@kesto/contract/api';
import { alongFrom, clearSpot, type CircuitGraph, type CircuitLayout, type Point } from '@kesto/core';
import { useContext } from 'react';
import { Circle, G } from 'react-native-svg';
import { useTokens } from '@/ui/theme';
import { Lettering, LetterScale } from './Lettering';
import type { Placed } from './place';
import { signHalf } from './Sign';

const CLEAR = 18;
const RADIUS = 11;
/** Half of what two figures of a tag are wide, and a little. */
const CLEAR_OF_TUBE = 13;
const UNMADE: readonly JointSummary['state'][] = ['not-planned', 'planned'];

/** Where the end of its tag stands: below the ring or left of it, where no tube runs: a tube’s own words stand above and right of it. */
function tagSpot({ x, y }: Point, tubes: readonly (readonly Point[])[], scale: number): Point {
  const [up, side] = [RADIUS + 10 * scale, RADIUS + 12 * scale];
  return clearSpot(
    [
      { x, y: y + up },
      { x: x - side, y },
      { x, y: y - up },
      { x: x + side, y },
    ],
    tubes,
    CLEAR_OF_TUBE * scale,
  );
}

/** The joints that sit on the circuit: dashed until planned, ring when planned, filled when made; the number of the tag beside it. */
export function JointRings({
  joints,
  graph,
  layout,
  view,
}: {
  joints: readonly JointSummary[];
  graph: CircuitGraph;
  layout: CircuitLayout;
  view: Placed;
}) {
  const t = useTokens();
  const scale = useContext(LetterScale);
  const tubes = layout.links.map(({ points }) => points.map(view.at));
  return (
    <>
      {joints.map(({ id, tag, state, at }) => {
        const index = at ? graph.links.findIndex((link) => link.from === at.from && link.to === at.to) : -1;
        const laid = layout.links.find((link) => link.index === index);
        const part = graph.parts.find((p) => p.id === at?.part);
        if (!at || !laid || !part) return null;
        const points = at.part === at.from ? laid.points : [...laid.points].reverse();
        const { x, y } = view.at(alongFrom(points, signHalf(part.kind) + CLEAR));
        const beside = tagSpot({ x, y }, tubes, scale);
        const made = !UNMADE.includes(state);
        return (
          <G key={id}>
            <Circle
              cx={x}
              cy={y}
              r={RADIUS}
              fill={made ? t.copper : t.paper}
              stroke={t.copper}
              strokeWidth={3}
              strokeDasharray={state === 'not-planned' ? '4 3' : undefined}
            />
            <Lettering {...beside} text={tag.slice(tag.lastIndexOf('-') + 1)} size={15} reading />
          </G>
        );
      })}
    </>
  );
}
