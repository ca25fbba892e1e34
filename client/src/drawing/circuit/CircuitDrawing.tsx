import type { JointSummary } from '@kesto/contract/api';
import { layOut, type CircuitGraph, type CircuitLayout, type CircuitLink, type CircuitPart, type Point } from '@kesto/core';
import type { UnitPreferences } from '@kesto/core/unit';
import type { CircuitSide } from '@kesto/core/vocabulary';
import { useMemo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import Svg from 'react-native-svg';
import { DragLayer } from '../handle/DragLayer';
import { Fans } from './Fans';
import { JointRings } from './JointRings';
import { labelsOf } from './labels';
import { LetterScale } from './Lettering';
import { partNear, tubeNear } from './nearest';
import { placed, type Placed } from './place';
import { PlacedSign } from './PlacedSign';
import { Sign } from './Sign';
import { Targets, type Chosen } from './Targets';
import { Tube, type TubeFill } from './Tube';
import { TubeMarks } from './TubeMarks';
import { tubeText } from './tubeText';
import { Wall } from './Wall';

/** What else is drawn on a circuit needs to know. */
export interface LaidCircuit {
  readonly graph: CircuitGraph;
  readonly layout: CircuitLayout;
  readonly view: Placed;
}

interface CircuitDrawingProps {
  readonly graph: CircuitGraph;
  /** Stands instead of lying: on phones. */
  readonly upright: boolean;
  readonly units: UnitPreferences;
  readonly maxHeight?: number;
  /** Those that sit on it. */
  readonly joints?: readonly JointSummary[];
  readonly chosen?: Chosen;
  /** What fills a tube, where that is not told by its side. */
  readonly fillOf?: (link: CircuitLink) => TubeFill;
  readonly partFillOf?: (id: string) => TubeFill;
  /** Drawn above everything else. */
  readonly overlay?: (laid: LaidCircuit) => ReactNode;
  readonly onChoose?: (chosen: Chosen) => void;
  /** A part was dragged onto a tube. */
  readonly onMove?: (part: string, link: number) => void;
}

const textOf = (link: CircuitLink | undefined, units: UnitPreferences) => (link ? tubeText(link, units) : '');
const isPart = (chosen: Chosen, id: string) => chosen !== null && 'part' in chosen && chosen.part === id;
const isLink = (chosen: Chosen, index: number) => chosen !== null && 'link' in chosen && chosen.link === index;

/** A circuit in flow order: the compressor outdoors, liquid one way, gas the other. */
export function CircuitDrawing(props: CircuitDrawingProps) {
  const { graph, upright, maxHeight, joints = [], chosen = null, onChoose, onMove, units, fillOf, partFillOf, overlay } = props;
  const layout = useMemo(() => layOut(graph), [graph]);
  const view = useMemo(() => placed(layout, upright), [layout, upright]);
  const fillFor = (link: CircuitLink | undefined, side: CircuitSide): TubeFill => (fillOf && link ? fillOf(link) : side);
  const [shownPx, setShownPx] = useState(view.width);
  const scale = Math.max(1, view.width / shownPx);
  const labels = useMemo(() => labelsOf(graph, layout, view, scale), [graph, layout, view, scale]);
  const aspect = view.width / view.height;
  const onPaper = (at: Point): Point => ({ x: (at.x * view.width) / shownPx, y: (at.y * view.width) / shownPx });
  const drawn = (
    <View
      style={{ width: '100%', aspectRatio: aspect, alignSelf: 'center', ...(maxHeight ? { maxWidth: maxHeight * aspect } : {}) }}
      onLayout={({ nativeEvent }) => setShownPx(nativeEvent.layout.width || view.width)}
    >
      <LetterScale value={scale}>
        <Svg width="100%" height="100%" viewBox={`0 0 ${view.width} ${view.height}`} role="img" aria-label="the circuit">
          {view.wall ? <Wall view={view} /> : null}
          {layout.links.map(({ index, points, side }) => (
            <Tube key={index} points={points.map(view.at)} fill={fillFor(graph.links[index], side)} chosen={isLink(chosen, index)} />
          ))}
          {layout.links.map(({ index, points }) => (
            <TubeMarks key={index} points={points.map(view.at)} text={textOf(graph.links[index], units)} />
          ))}
          {layout.parts.map((laid) => {
            const part = graph.parts.find((p) => p.id === laid.id);
            const fill = partFillOf?.(laid.id) ?? laid.side;
            return part ? (
              <PlacedSign key={laid.id} {...{ laid, part, view, fill }} label={labels.get(laid.id)} chosen={isPart(chosen, laid.id)} />
            ) : null;
          })}
          <Fans layout={layout} view={view} />
          <JointRings joints={joints} graph={graph} layout={layout} view={view} />
          {overlay?.({ graph, layout, view })}
        </Svg>
      </LetterScale>
      {onChoose ? <Targets layout={layout} view={view} graph={graph} onChoose={onChoose} /> : null}
    </View>
  );
  if (!onMove) return drawn;
  return (
    <View style={{ width: '100%', alignSelf: 'center', ...(maxHeight ? { maxWidth: maxHeight * aspect } : {}) }}>
      <DragLayer
        testID="circuit-drag"
        pick={(at) => partNear(layout, view, onPaper(at))}
        onDrop={(part, at) => {
          const link = tubeNear(layout, view, onPaper(at));
          if (link !== null) onMove(part, link);
        }}
        ghost={(id) => <Ghost part={graph.parts.find((part) => part.id === id)} />}
      >
        {drawn}
      </DragLayer>
    </View>
  );
}

const GHOST = 64;

/** The part that is dragged, under the pointer. */
function Ghost({ part }: { part: CircuitPart | undefined }) {
  return part ? (
    <Svg
      width={GHOST}
      height={GHOST}
      viewBox={`${-GHOST / 2} ${-GHOST / 2} ${GHOST} ${GHOST}`}
      style={{ marginLeft: -GHOST / 2, marginTop: -GHOST / 2 }}
      aria-hidden
    >
      <Sign part={part} flow="right" chosen />
    </Svg>
  ) : null;
}
