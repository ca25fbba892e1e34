import { G, Line } from 'react-native-svg';
import { Label } from '@/drawing/joint/annotate';
import { useTokens } from '@/ui/theme';

interface LevelAxisProps {
  readonly values: readonly number[];
  /** Where a value lies on the paper. */
  readonly y: (value: number) => number;
  readonly textOf: (value: number) => string;
  /** Of the lines; the figures stand before them. */
  readonly from: number;
  readonly to: number;
  readonly mono?: boolean;
}

/** The levels of a chart: a hair line each, its figure before it. */
export function LevelAxis({ values, y, textOf, from, to, mono = false }: LevelAxisProps) {
  const t = useTokens();
  return (
    <>
      {values.map((value) => (
        <G key={value}>
          <Line x1={from} y1={y(value)} x2={to} y2={y(value)} stroke={t.hair} strokeWidth={1} />
          <Label x={from - 6} y={y(value) + 5} text={textOf(value)} mono={mono} size={14} anchor="end" color={t.ink2} />
        </G>
      ))}
    </>
  );
}
