import type { PurgePlan } from '@kesto/core';
import { formatDuration, formatNumber, oxygenAfter, readingText, SCALE_ABOVE_O2_PERCENT } from '@kesto/core';
import { scaleLinear, scaleLog } from 'd3-scale';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Line, Path, Rect } from 'react-native-svg';
import { LevelAxis } from '@/chart/LevelAxis';
import { linePath } from '@/chart/linePath';
import { Marker } from '@/chart/Marker';
import { useTokens } from '@/ui/theme';
import { Label } from '@/drawing/joint/annotate';
import { WORDS } from './words';

const HEIGHT = 170;
const PAD = { left: 44, right: 12, top: 14, bottom: 30 } as const;
const AIR_PERCENT = 20.9;

/** Oxygen left in the tube while it is flooded, well mixed: the slow case; then the trickle holds it. `nowS`: how long it has run. */
export function OxygenCurve({ purge, nowS = null }: { purge: PurgePlan; nowS?: number | null }) {
  const t = useTokens();
  const [width, setWidth] = useState(0);
  const { floodSeconds, targetO2Percent: target } = purge;
  const endS = floodSeconds * 1.35;
  const x = scaleLinear([0, endS], [PAD.left, width - PAD.right]);
  const y = scaleLog([AIR_PERCENT, target / 2], [PAD.top, HEIGHT - PAD.bottom]);
  const ticks = [20, 5, 1, 0.1, 0.01].filter((percent) => percent >= target / 2);
  return (
    <View onLayout={(e) => setWidth(e.nativeEvent.layout.width)}>
      {width > 0 ? (
        <Svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={WORDS.oxygenFallsFrom20(target, readingText(formatDuration(floodSeconds)))}
        >
          <Rect
            x={PAD.left}
            y={y(target)}
            width={width - PAD.left - PAD.right}
            height={HEIGHT - PAD.bottom - y(target)}
            fill={t.tealWash}
          />
          {nowS === null ? null : <Zones y={y} from={PAD.left} to={width - PAD.right} target={target} />}
          <LevelAxis values={ticks} y={y} textOf={(percent) => `${percent} %`} from={PAD.left} to={width - PAD.right} />
          <Path
            d={linePath(
              [
                [0, AIR_PERCENT],
                [floodSeconds, target],
                [endS, target],
              ],
              x,
              y,
            )}
            stroke={t.teal}
            strokeWidth={3}
            fill="none"
          />
          <Marker x={x(floodSeconds)} y={y(target)} color={t.teal} />
          <Line
            x1={x(floodSeconds)}
            y1={PAD.top}
            x2={x(floodSeconds)}
            y2={HEIGHT - PAD.bottom}
            stroke={t.teal}
            strokeWidth={1}
            strokeDasharray="4 4"
          />
          {nowS === null ? null : <Now x={x(Math.min(nowS, endS))} y={y(oxygenAfter(purge, nowS))} percent={oxygenAfter(purge, nowS)} />}
          <Label x={x(floodSeconds / 2)} y={HEIGHT - 9} text={WORDS.flood} bold size={14} anchor="middle" color={t.teal} />
          <Label x={x((floodSeconds + endS) / 2)} y={HEIGHT - 9} text={WORDS.trickle} bold size={14} anchor="middle" color={t.teal} />
        </Svg>
      ) : null}
    </View>
  );
}

/** Where it stands now, worked out and not measured. */
function Now({ x, y, percent }: { x: number; y: number; percent: number }) {
  const t = useTokens();
  return (
    <>
      <Marker x={x} y={y} color={t.copper} />
      <Label
        x={x + 12}
        y={Math.max(y - 8, PAD.top + 14)}
        text={WORDS.now(formatNumber(percent, percent >= 10 ? 0 : percent >= 1 ? 1 : 2))}
        bold
        size={15}
        color={t.copper}
        cutOut
      />
    </>
  );
}

interface ZonesProps {
  readonly y: (percent: number) => number;
  readonly from: number;
  readonly to: number;
  readonly target: number;
}

/** What a flame does to the inside of the tube at so much oxygen. */
function Zones({ y, from, to, target }: ZonesProps) {
  const t = useTokens();
  const border = y(SCALE_ABOVE_O2_PERCENT);
  const width = to - from;
  return (
    <>
      <Rect x={from} y={y(AIR_PERCENT)} width={width} height={border - y(AIR_PERCENT)} fill={t.redWash} />
      <Rect x={from} y={border} width={width} height={Math.max(0, y(target) - border)} fill={t.amberWash} />
      <Label x={to - 6} y={border - 6} text={WORDS.litHereBlackScale} bold size={14} anchor="end" color={t.red} />
      <Label x={from + 6} y={y(target) - 6} text={WORDS.litHereDullFilm} bold size={14} color={t.amber} />
    </>
  );
}
