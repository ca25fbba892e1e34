import { tubePlace, type SequenceStep } from '@kesto/core';
import { Circle, G, Path } from 'react-native-svg';
import type { LaidCircuit } from '@/drawing/circuit/CircuitDrawing';
import { Lettering } from '@/drawing/circuit/Lettering';
import { pathOf } from '@/drawing/circuit/Tube';
import { useTokens } from '@/ui/theme';
import { WORDS } from './words';

/** The nitrogen at one step: the tubes it passes, where it goes in and where it leaves. */
export function GasPath({ graph, layout, view, step }: LaidCircuit & { step: SequenceStep }) {
  const t = useTokens();
  const placeOf = (id: string | undefined) => {
    const laid = layout.parts.find((part) => part.id === id);
    return laid ? view.at(laid) : null;
  };
  const passed = graph.links.flatMap((link, index) => {
    const isPassed = step.path.some((id, i) => {
      const before = step.path[i - 1];
      return id === tubePlace(link) || (before === link.from && id === link.to) || (before === link.to && id === link.from);
    });
    const laid = isPassed ? layout.links.find((other) => other.index === index) : undefined;
    return laid ? [laid] : [];
  });
  const into = placeOf(step.inlet ?? undefined);
  const port = placeOf(step.outlet ?? undefined);
  // At a joint that is open the gas leaves beside the last part that it passes.
  const out = port ?? placeOf(step.path.at(-1));
  // Towards the middle: the sheet ends beside what stands at its edge.
  const beside = (x: number) => (x > view.width / 2 ? ({ x: x - 16, anchor: 'end' } as const) : ({ x: x + 16, anchor: 'start' } as const));
  return (
    <>
      {passed.map(({ index, points }) => (
        <Path key={index} d={pathOf(points.map(view.at))} fill="none" stroke={t.teal} strokeWidth={5} strokeDasharray="14 9" />
      ))}
      {into ? (
        <G>
          <Circle cx={into.x} cy={into.y} r={16} fill="none" stroke={t.teal} strokeWidth={4} />
          <Lettering x={into.x + 24} y={into.y + 18} text={WORDS.gasIn} anchor="start" />
        </G>
      ) : null}
      {out ? (
        <G>
          <Path d={`M${out.x} ${out.y - 14} v-24 m-9 10 l9 -11 l9 11`} stroke={t.teal} strokeWidth={5} fill="none" />
          <Lettering {...beside(out.x)} y={out.y - 28} text={port ? WORDS.outHereCoreOut : WORDS.outHere} />
        </G>
      ) : null}
    </>
  );
}
