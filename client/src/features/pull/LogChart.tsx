import { micronPa } from '@kesto/core/pull';
import { formatVacuum } from '@kesto/core/unit';
import { scaleLinear, scaleLog } from 'd3-scale';
import type { ReactNode } from 'react';
import Svg, { Line } from 'react-native-svg';
import { Label } from '@/drawing/joint/annotate';
import { useUnits } from '@/session/units';
import { useTokens } from '@/ui/theme';

const PAD = { left: 56, right: 12, top: 26, bottom: 28 } as const;
const DECADES_PA = [1, 10, 100, 1000, 10_000, 100_000] as const;
const DECADES_MICRON_PA = [10, 100, 1000, 10_000, 100_000].map(micronPa);
const AIR_PA = 110_000;

export interface LogFrame {
  readonly x: (seconds: number) => number;
  readonly y: (pa: number) => number;
  readonly left: number;
  readonly right: number;
  readonly bottom: number;
  readonly top: number;
}

interface LogChartProps {
  readonly width: number;
  readonly height: number;
  readonly endS: number;
  /** The least pressure that is drawn. */
  readonly leastPa: number;
  readonly says: string;
  /** What stands under the axis at so many seconds; null where nothing does. */
  readonly ticks: readonly { readonly seconds: number; readonly text: string }[];
  readonly children: (frame: LogFrame) => ReactNode;
}

const short = (value: string) => value.replace(/[\s\u202f,]?000$/, ' k');

/** Pressure on a log axis against time. */
export function LogChart({ width, height, endS, leastPa, says, ticks, children }: LogChartProps) {
  const t = useTokens();
  const units = useUnits();
  const [right, bottom] = [width - PAD.right, height - PAD.bottom];
  const x = scaleLinear([0, endS], [PAD.left, right]);
  const y = scaleLog([leastPa, AIR_PA], [bottom, PAD.top]);
  const decades = (units.vacuum === 'Pa' ? DECADES_PA : DECADES_MICRON_PA).filter((pa) => pa >= leastPa * 0.99 && pa <= AIR_PA);
  return (
    <Svg width={width} height={height} role="img" aria-label={says}>
      <Label x={0} y={14} text={formatVacuum(1, units).unit} size={14} color={t.ink2} />
      {decades.map((pa) => (
        <Line key={pa} x1={PAD.left} y1={y(pa)} x2={right} y2={y(pa)} stroke={t.hair} strokeWidth={1} />
      ))}
      {decades.map((pa) => (
        <Label
          key={pa}
          x={PAD.left - 8}
          y={y(pa) + 5}
          text={short(formatVacuum(pa, units).value)}
          mono
          size={14}
          anchor="end"
          color={t.ink2}
        />
      ))}
      <Line x1={PAD.left} y1={PAD.top} x2={PAD.left} y2={bottom} stroke={t.rule} strokeWidth={1} />
      <Line x1={PAD.left} y1={bottom} x2={right} y2={bottom} stroke={t.ink} strokeWidth={1.4} />
      {ticks.map(({ seconds, text }) => (
        <Label key={seconds} x={x(seconds)} y={bottom + 19} text={text} mono size={14} anchor="middle" color={t.ink2} />
      ))}
      {children({ x, y: (pa) => y(Math.max(pa, leastPa)), left: PAD.left, right, bottom, top: PAD.top })}
    </Svg>
  );
}
