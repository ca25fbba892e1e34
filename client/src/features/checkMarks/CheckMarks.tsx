import { tubePlace, type CircuitGraph, type CircuitLayout, type Point } from '@kesto/core';
import { useContext } from 'react';
import { G } from 'react-native-svg';
import { LetterScale } from '@/drawing/circuit/Lettering';
import { longestRun } from '@/drawing/circuit/longestRun';
import type { Placed } from '@/drawing/circuit/place';
import { CheckSign } from './CheckMark';
import type { Check } from '@/data/stages/checks';

interface CheckMarksProps {
  readonly checks: readonly Omit<Check, 'last'>[];
  readonly graph: CircuitGraph;
  readonly layout: CircuitLayout;
  readonly view: Placed;
}

/** Clear of the part it is about. */
const ASIDE = 30;
const COILS = ['condenser', 'evaporator'];

interface Spot {
  readonly at: Point;
  /** Which way its mark is set aside: towards the middle of the sheet, coils and ports on their free side. */
  readonly aside: Point;
}

const towards = (from: number, middle: number) => (from > middle ? -1 : 1);

/** Where a place lies on the drawing, and on which side its mark stands; null for what is not on it, as our own hoses. */
function spotOf(place: string, { graph, layout, view }: Omit<CheckMarksProps, 'checks'>): Spot | null {
  const [midX, midY] = [view.width / 2, view.height / 2];
  const part = layout.parts.find((laid) => laid.id === place);
  if (part) {
    const at = view.at(part);
    if (part.kind === 'port') return { at, aside: view.upright ? { x: 0, y: -1.1 } : { x: 1.1, y: 0 } };
    if (COILS.includes(part.kind)) return { at, aside: view.upright ? { x: 0.9, y: -0.9 } : { x: -towards(at.x, midX) * 0.7, y: -1 } };
    // Above and below what stands are the tags of its joints.
    if (view.upright) return { at, aside: { x: towards(at.x, midX) * 1.4, y: 0 } };
    return { at, aside: { x: towards(at.x, midX) * 0.6, y: towards(at.y, midY) } };
  }
  const index = graph.links.findIndex((link) => tubePlace(link) === place);
  const laid = layout.links.find((link) => link.index === index);
  const at = laid && longestRun(laid.points.map(view.at))?.mid;
  return at ? { at, aside: { x: towards(at.x, midX) * 0.6, y: towards(at.y, midY) } } : null;
}

/** The numbers of what was looked at, at its place. */
export function CheckMarks({ checks, ...laid }: CheckMarksProps) {
  const scale = useContext(LetterScale);
  return (
    <>
      {checks.map((check) => {
        const spot = spotOf(check.place, laid);
        return spot ? (
          <G key={check.place} x={spot.at.x + spot.aside.x * ASIDE * scale} y={spot.at.y + spot.aside.y * ASIDE * scale} scale={scale}>
            <CheckSign {...check} />
          </G>
        ) : null;
      })}
    </>
  );
}
