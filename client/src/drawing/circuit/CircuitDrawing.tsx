import type { JointSummary } from '@kesto/contract/api';
import type { CircuitGraph, CircuitLayout, CircuitLink, CircuitPart, LaidPart, Point } from '@kesto/core';
import type { UnitPreferences } from '@kesto/core/unit';
import type { CircuitSide } from '@kesto/core/vocabulary';
import { useDeferredValue, useMemo, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { G } from 'react-native-svg';
import { Loading } from '@/ui/states';
import { DragLayer } from '../handle/DragLayer';
import { Fans } from './Fans';
import { JointRings } from './JointRings';
import { labelsOf, type Label } from './labels';
import { Lettering, LetterScale } from './Lettering';
import { partNear, tubeNear } from './nearest';
import { placed, type Placed } from './place';
import { PlacedSign } from './PlacedSign';
import { Sign } from './Sign';
import { TapSurface } from './TapSurface';
import { Targets, type Chosen } from './Targets';
import { Tube, type TubeFill } from './Tube';
import { TubeMarks } from './TubeMarks';
import { tubeText } from './tubeText';
import { useLayout, type LaidOut } from './useLayout';
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

function signsOf(graph: CircuitGraph, layout: CircuitLayout): readonly { readonly laid: LaidPart; readonly part: CircuitPart }[] {
  const parts = new Map(graph.parts.map((part) => [part.id, part]));
  return layout.parts.flatMap((laid) => {
    const part = parts.get(laid.id);
    return part ? [{ laid, part }] : [];
  });
}

/** A part's name beside its sign, where there is room for it. */
function PartLabel({ at, label }: { at: Point; label: Label | undefined }) {
  return label ? (
    <G x={at.x} y={at.y}>
      <Lettering {...label} />
    </G>
  ) : null;
}

/** A circuit in flow order: the compressor outdoors, liquid one way, gas the other. */
export function CircuitDrawing(props: CircuitDrawingProps) {
  const laid = useLayout(props.graph);
  return laid ? <Drawn {...props} {...laid} /> : <Loading what="the drawing" />;
}

function Drawn(props: CircuitDrawingProps & LaidOut) {
  const { graph, layout, upright, maxHeight, joints = [], chosen = null, onChoose, onMove, units, fillOf, partFillOf, overlay } = props;
  const view = useMemo(() => placed(layout, upright), [layout, upright]);
  // The same points and signs as long as the circuit is the same: what did not change is not drawn again.
  const tubes = useMemo(() => layout.links.map((link) => ({ ...link, points: link.points.map(view.at) })), [layout, view]);
  const signs = useMemo(() => signsOf(graph, layout), [graph, layout]);
  const fillFor = (link: CircuitLink | undefined, side: CircuitSide): TubeFill => (fillOf && link ? fillOf(link) : side);
  const [shownPx, setShownPx] = useState(view.width);
  const scale = Math.max(1, view.width / shownPx);
  const labels = useMemo(() => labelsOf(graph, layout, view, scale), [graph, layout, view, scale]);
  // Hundreds of keys come after the picture; a finger is taken from the first moment.
  const isDrawn = useDeferredValue(true, false);
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
          {tubes.map(({ index, points, side }) => (
            <Tube key={index} points={points} fill={fillFor(graph.links[index], side)} chosen={isLink(chosen, index)} />
          ))}
          {tubes.map(({ index, points }) => (
            <TubeMarks key={index} points={points} text={textOf(graph.links[index], units)} />
          ))}
          {signs.map(({ laid, part }) => (
            <PlacedSign
              key={laid.id}
              {...{ laid, part, view }}
              fill={partFillOf?.(laid.id) ?? laid.side}
              chosen={isPart(chosen, laid.id)}
            />
          ))}
          {signs.map(({ laid }) => (
            <PartLabel key={laid.id} at={view.at(laid)} label={labels.get(laid.id)} />
          ))}
          <Fans layout={layout} view={view} />
          <JointRings joints={joints} graph={graph} layout={layout} view={view} />
          {overlay?.({ graph, layout, view })}
        </Svg>
      </LetterScale>
      {onChoose ? <TapSurface layout={layout} view={view} graph={graph} onChoose={onChoose} /> : null}
      {onChoose && isDrawn ? <Targets layout={layout} view={view} graph={graph} onChoose={onChoose} /> : null}
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
    <Svg width={GHOST} height={GHOST} viewBox={`${-GHOST / 2} ${-GHOST / 2} ${GHOST} ${GHOST}`} style={styles.ghost} aria-hidden>
      <Sign part={part} flow="right" chosen />
    </Svg>
  ) : null;
}

const styles = StyleSheet.create({
  ghost: { marginLeft: -GHOST / 2, marginTop: -GHOST / 2 },
});
