import { StyleSheet } from 'react-native';
import { useRef } from 'react';
import Svg, { Circle, Path, Rect } from 'react-native-svg';
import { DragArea, type Dragged } from '@/drawing/handle/DragArea';
import { useTokens } from '@/ui/theme';
import { TOUCH, type Tokens } from '@/ui/tokens';
import { FURTHEST_MM, type Grip, type PlacedGrip } from './moves';

export interface GripHandleProps {
  readonly placed: PlacedGrip;
  readonly at: { readonly x: number; readonly y: number };
  readonly pixelsPerMm: number;
  readonly stepMm: number;
  readonly selected: boolean;
  readonly alarmed: boolean;
  readonly onTake: () => void;
  readonly onMove: (mm: number, move: string) => void;
  readonly onLetGo: () => void;
}

/** Both edges of a narrow wrap can be reached: each target lies outwards of its edge. */
const EDGE_SHIFT = 14;
const shiftOf = (grip: Grip, atMm: number) => {
  if (grip.kind !== 'wrap') return 0;
  const outwards = (grip.edge === 'to') === atMm >= 0 ? 1 : -1;
  return outwards * EDGE_SHIFT;
};

let moves = 0;

/** A handle on the drawing: dragged with finger or mouse, stepped with the arrow keys. */
export function GripHandle({ placed, at, pixelsPerMm, stepMm, selected, alarmed, onTake, onMove, onLetGo }: GripHandleProps) {
  const t = useTokens();
  const hold = useRef<{ fromMm: number; pixelsPerMm: number; move: string } | null>(null);
  const { grip, atMm } = placed;
  const shift = shiftOf(grip, atMm);
  const take = () => {
    hold.current = { fromMm: atMm, pixelsPerMm, move: `${placed.key} ${(moves += 1)}` };
    onTake();
  };
  const drag = ({ dx }: Dragged) => {
    const held = hold.current;
    if (held) onMove(held.fromMm + dx / held.pixelsPerMm, held.move);
  };
  const letGo = () => {
    hold.current = null;
    onLetGo();
  };
  const step = (by: 1 | -1) => {
    onTake();
    onMove(atMm + by * stepMm, `${placed.key} keys`);
    onLetGo();
  };
  return (
    <DragArea
      label={placed.label}
      orientation="horizontal"
      value={Math.round(atMm * 10) / 10}
      min={-FURTHEST_MM}
      max={FURTHEST_MM}
      text={placed.text}
      testID={`grip-${placed.key}`}
      onTake={take}
      onDrag={drag}
      onLetGo={letGo}
      onStep={step}
      cursor="ew-resize"
      style={{
        left: at.x - TOUCH / 2 + shift,
        top: at.y - TOUCH / 2,
        width: TOUCH,
        height: TOUCH,
      }}
    >
      <Svg width={TOUCH} height={TOUCH} aria-hidden style={styles.asTold}>
        <Mark grip={grip} x={TOUCH / 2 - shift} tokens={t} selected={selected} alarmed={alarmed} />
      </Svg>
    </DragArea>
  );
}

function Mark({ grip, x, tokens: t, selected, alarmed }: { grip: Grip; x: number; tokens: Tokens; selected: boolean; alarmed: boolean }) {
  const y = TOUCH / 2;
  if (grip.kind === 'wrap') {
    const width = selected ? 9 : 6;
    return <Rect x={x - width / 2} y={y - 13} width={width} height={26} rx={3} fill={t.teal} stroke={t.paper} strokeWidth={1.5} />;
  }
  const r = grip.kind === 'part' ? 14 : 11;
  const fill = grip.kind === 'depth' ? t.ink : alarmed ? t.red : t.copper;
  return (
    <>
      {selected ? <Circle cx={x} cy={y} r={r + 4} fill="none" stroke={fill} strokeWidth={2} /> : null}
      <Circle cx={x} cy={y} r={r} fill={fill} stroke={t.paper} strokeWidth={2} />
      <Path
        d={`M${x - 3} ${y - 5} l-4 5 l4 5 M${x + 3} ${y - 5} l4 5 l-4 5`}
        fill="none"
        stroke={t.paper}
        strokeWidth={2}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </>
  );
}

const styles = StyleSheet.create({
  asTold: { pointerEvents: 'none' },
});
