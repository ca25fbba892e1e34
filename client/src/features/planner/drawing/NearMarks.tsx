import { G, Line, Path, Rect } from 'react-native-svg';
import { useTokens } from '@/ui/theme';
import { Label } from './annotate';

export interface NearMark {
  readonly kind: string;
  /** Millimetres from the cup's mouth; on the female side when the joint's own part is meant. */
  readonly distance: number;
  readonly onFemale: boolean;
  readonly wrap: { readonly from: number; readonly to: number; readonly word: string } | null;
  readonly reading: string;
  readonly tooHot: boolean;
}

interface Placed {
  readonly mark: NearMark;
  readonly x: number;
  readonly y: number;
  readonly outer: number;
  readonly axis: number;
  readonly toX: (mm: number) => number;
  readonly edge: { readonly left: number; readonly right: number };
}

/** A part near the joint at its distance, with its wrap as a wavy collar and the temperature it gets. */
export function NearMarkDrawing({ mark, x, y, outer, axis, toX, edge }: Placed) {
  const t = useTokens();
  const beyond = x < edge.left + 8 || x > edge.right - 8;
  const at = Math.min(edge.right - 40, Math.max(edge.left + 40, x));
  return (
    <G>
      {mark.wrap && !beyond ? (
        <Wrap
          from={toX(mark.onFemale ? mark.wrap.from : -mark.wrap.to)}
          to={toX(mark.onFemale ? mark.wrap.to : -mark.wrap.from)}
          outer={outer}
          axis={axis}
          word={mark.wrap.word}
        />
      ) : null}
      {beyond ? (
        <Path
          d={
            x < at
              ? `M${edge.left + 2} ${y - 5} h26 M${edge.left + 2} ${y - 5} l8 -5 v10 z`
              : `M${edge.right - 2} ${y - 5} h-26 M${edge.right - 2} ${y - 5} l-8 -5 v10 z`
          }
          stroke={t.ink}
          fill={t.ink}
          strokeWidth={1.4}
        />
      ) : (
        <Line x1={at} y1={axis} x2={at} y2={y - 16} stroke={mark.tooHot ? t.red : t.copper} strokeWidth={1.4} strokeDasharray="3 3" />
      )}
      <Label
        x={beyond && x < at ? edge.left + 34 : beyond ? edge.right - 34 : at}
        y={y}
        text={mark.reading}
        bold
        color={mark.tooHot ? t.red : t.copper}
        anchor={beyond && x < at ? 'start' : beyond ? 'end' : 'middle'}
      />
    </G>
  );
}

function Wrap({ from, to, outer, axis, word }: { from: number; to: number; outer: number; axis: number; word: string }) {
  const t = useTokens();
  const height = Math.max(16, outer * 0.42);
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
      <Label x={(from + to) / 2} y={axis + outer + height + 15} text={word} bold color={t.teal} anchor="middle" />
    </G>
  );
}

function waves(from: number, to: number, y: number): string {
  const count = Math.max(1, Math.round((to - from) / 8));
  const step = (to - from) / count;
  return `M${from} ${y}` + Array.from({ length: count }, (_, i) => ` q${step / 2} ${i % 2 === 0 ? -4 : 4} ${step} 0`).join('');
}
