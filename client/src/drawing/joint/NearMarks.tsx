import { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { useTokens } from '@/ui/theme';
import { Label } from './annotate';
import { collarHeight } from './places';

export interface NearMark {
  readonly kind: string;
  /** Millimetres from the cup's mouth; on the female side when the joint's own part is meant. */
  readonly distance: number;
  readonly onFemale: boolean;
  readonly wrap: { readonly from: number; readonly to: number; readonly word: string } | null;
  /** How hot it gets; empty: not said. */
  readonly reading: string;
  readonly tooHot: boolean;
}

interface Placed {
  readonly mark: NearMark;
  readonly x: number;
  /** Where its handle sits and where its words stand. */
  readonly row: { readonly handleY: number; readonly labelY: number };
  readonly half: number;
  readonly axis: number;
  readonly toX: (mm: number) => number;
  readonly width: number;
}

const LETTER_WIDTH = 8.4;

/** A part near the joint at its distance, with its wrap as a wavy collar and the temperature it gets. */
export function NearMarkDrawing({ mark, x, row, half, axis, toX, width }: Placed) {
  const t = useTokens();
  const color = mark.tooHot ? t.red : t.copper;
  const halfLabel = (mark.reading.length * LETTER_WIDTH) / 2;
  const side = x < 8 ? 'left' : x > width - 8 ? 'right' : null;
  if (side && mark.reading !== '') return <Beyond side={side} y={row.labelY} width={width} color={color} text={mark.reading} />;
  return (
    <G>
      {mark.wrap ? (
        <Wrap
          from={toX(mark.onFemale ? mark.wrap.from : -mark.wrap.to)}
          to={toX(mark.onFemale ? mark.wrap.to : -mark.wrap.from)}
          outer={half}
          axis={axis}
          word={mark.wrap.word}
        />
      ) : null}
      {mark.reading === '' ? null : (
        <G>
          <Line x1={x} y1={axis} x2={x} y2={row.handleY} stroke={color} strokeWidth={1.4} strokeDasharray="3 3" />
          <Circle cx={x} cy={axis} r={3.5} fill={color} />
          <Label
            x={Math.min(width - halfLabel, Math.max(halfLabel, x))}
            y={row.labelY}
            text={mark.reading}
            bold
            color={color}
            anchor="middle"
          />
        </G>
      )}
    </G>
  );
}

/** A part off the paper: an arrow towards it. */
function Beyond({ side, y, width, color, text }: { side: 'left' | 'right'; y: number; width: number; color: string; text: string }) {
  const t = useTokens();
  const [from, way] = side === 'left' ? [2, 1] : [width - 2, -1];
  return (
    <G>
      <Path d={`M${from} ${y - 5} h${26 * way} M${from} ${y - 5} l${8 * way} -5 v10 z`} stroke={t.ink} fill={t.ink} strokeWidth={1.4} />
      <Label x={from + 32 * way} y={y} text={text} bold color={color} anchor={side === 'left' ? 'start' : 'end'} />
    </G>
  );
}

function Wrap({ from, to, outer, axis, word }: { from: number; to: number; outer: number; axis: number; word: string }) {
  const t = useTokens();
  const height = collarHeight(outer);
  const collar = (top: number) => (
    <G>
      <Rect x={from} y={top} width={to - from} height={height} rx={9} fill={t.tealWash} stroke={t.teal} strokeWidth={1.6} />
      {[0.3, 0.55, 0.8].map((f) => (
        <Path key={f} d={waves(from + 4, to - 4, top + height * f)} fill="none" stroke={t.teal} strokeWidth={1.2} />
      ))}
    </G>
  );
  return (
    <G>
      {collar(axis - outer - height)}
      {collar(axis + outer)}
      <Label x={from + 4} y={axis + outer + height + 15} text={word} bold color={t.teal} cutOut />
    </G>
  );
}

function waves(from: number, to: number, y: number): string {
  const count = Math.max(1, Math.round((to - from) / 8));
  const step = (to - from) / count;
  return `M${from} ${y}` + Array.from({ length: count }, (_, i) => ` q${step / 2} ${i % 2 === 0 ? -4 : 4} ${step} 0`).join('');
}
