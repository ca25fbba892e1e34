import type { JointSummary } from '@kesto/contract';
import { tubePlace, type CircuitGraph, type CircuitLink, type Isolation } from '@kesto/core';
import { useContext } from 'react';
import { View } from 'react-native';
import { Circle, G, Text as SvgText } from 'react-native-svg';
import { CircuitDrawing, type LaidCircuit } from '@/drawing/circuit/CircuitDrawing';
import { LetterScale } from '@/drawing/circuit/Lettering';
import { longestRun } from '@/drawing/circuit/longestRun';
import type { Chosen } from '@/drawing/circuit/Targets';
import type { TubeFill } from '@/drawing/circuit/Tube';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { useIsWide, useTokens } from '@/ui/theme';
import { READINGS } from '@/ui/tokens';
import { Words } from '@/ui/Words';
import { numbersOf } from './steps';
import type { IsolationWork } from './useIsolation';

const HEIGHT = { wide: 340, phone: 520 } as const;

interface IsolationDrawingProps {
  readonly graph: CircuitGraph;
  readonly isolation: IsolationWork;
  readonly joints: readonly JointSummary[];
  readonly mayChoose: boolean;
}

/** The circuit by what stays full and what is emptied; valves carry the numbers of the steps, the work is ringed. */
export function IsolationDrawing({ graph, isolation, joints, mayChoose }: IsolationDrawingProps) {
  const wide = useIsWide();
  const units = useUnits();
  const { answer, work, toggle } = isolation;
  const isEmptied = (id: string) => answer?.emptied.includes(id) === true;
  const partFill = (id: string): TubeFill => (isEmptied(id) ? 'emptied' : 'full');
  const tubeFill = ({ from, to }: CircuitLink): TubeFill => (isEmptied(from) || isEmptied(to) ? 'emptied' : 'full');
  const toggleChosen = (chosen: Chosen) => {
    if (!chosen) return;
    const link = 'link' in chosen ? graph.links[chosen.link] : undefined;
    if ('part' in chosen) toggle(chosen.part);
    else if (link) toggle(tubePlace(link));
  };
  return (
    <View style={arrange.stack6}>
      <CircuitDrawing
        graph={graph}
        upright={!wide}
        maxHeight={HEIGHT[wide ? 'wide' : 'phone']}
        units={units}
        joints={joints}
        {...(answer ? { fillOf: tubeFill, partFillOf: partFill } : {})}
        overlay={(laid) => <Marks {...laid} graph={graph} answer={answer} work={work} />}
        {...(mayChoose ? { onChoose: (chosen) => toggleChosen(chosen) } : {})}
      />
      <Words size={14} tone="ink2">
        {work.length === 0
          ? 'Tap the part, or the tube, that is to be opened.'
          : 'Filled: stays full of refrigerant. Dotted: emptied. The ring is where the work is; tap a part to add it or take it away.'}
      </Words>
    </View>
  );
}

const BESIDE = 30;

interface MarksProps extends LaidCircuit {
  readonly graph: CircuitGraph;
  readonly answer: Isolation | null;
  readonly work: readonly string[];
}

function Marks({ layout, view, graph, answer, work }: MarksProps) {
  const t = useTokens();
  const scale = useContext(LetterScale);
  const numbers = answer ? numbersOf(answer) : new Map<string, readonly number[]>();
  return (
    <>
      {layout.links.map(({ index, points }) => {
        const link = graph.links[index];
        const mid = longestRun(points.map(view.at))?.mid;
        return link && mid && work.includes(tubePlace(link)) ? (
          <Circle key={index} cx={mid.x} cy={mid.y} r={24} fill="none" stroke={t.copper} strokeWidth={4} />
        ) : null;
      })}
      {layout.parts.map((laid) => {
        const { x, y } = view.at(laid);
        const steps = numbers.get(laid.id) ?? [];
        return (
          <G key={laid.id} x={x} y={y}>
            {work.includes(laid.id) ? <Circle r={30} fill="none" stroke={t.copper} strokeWidth={4} /> : null}
            {steps.map((step, i) => (
              <G key={step} x={(i - (steps.length - 1) / 2) * 30 * scale} y={(y > view.height / 2 ? -1 : 1) * BESIDE * Math.max(1, scale)}>
                <Circle r={13 * scale} fill={t.ink} />
                <SvgText y={5 * scale} textAnchor="middle" fontFamily={READINGS} fontWeight="700" fontSize={15 * scale} fill={t.paper}>
                  {step}
                </SvgText>
              </G>
            ))}
          </G>
        );
      })}
    </>
  );
}
