import { formatVacuum, readingText } from '@kesto/core/unit';
import { scaleLinear } from 'd3-scale';
import Svg, { Circle, Defs, Line, Path, Pattern, Rect } from 'react-native-svg';
import { linePath } from '@/chart/linePath';
import { Label } from '@/drawing/joint/annotate';
import { useUnits } from '@/session/units';
import { useTokens } from '@/ui/theme';
import { WORDS } from '../words';
import { riseFrame } from './riseFrame';
import type { PullWatchWork } from './usePullWatch';

/** More dots would be the line itself. */
const MOST_DOTS = 40;
const PAD = { left: 56, right: 12, top: 12, bottom: 28 } as const;

/** The rise against what water and a leak would do, and what it may come to. */
export function RiseChart({ watch, width, height }: { watch: PullWatchWork; width: number; height: number }) {
  const t = useTokens();
  const units = useUnits();
  const frame = riseFrame(watch);
  const { endS, mostPa, limitPa, water, leak, points } = frame;
  const x = scaleLinear([0, endS], [PAD.left, width - PAD.right]);
  const y = scaleLinear([0, mostPa], [height - PAD.bottom, PAD.top]);
  const { unit } = formatVacuum(limitPa, units);
  const bottom = height - PAD.bottom;
  const last = points.at(-1);
  const limit = readingText(formatVacuum(limitPa, units));
  return (
    <Svg
      width={width}
      height={height}
      role="img"
      aria-label={`${WORDS.riseTitle}: ${last ? readingText(formatVacuum(last[1], units)) : WORDS.noReading}`}
    >
      <Defs>
        <Pattern id="above" width={9} height={9} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <Line x1={0} y1={0} x2={0} y2={9} stroke={t.rule} strokeWidth={2} />
        </Pattern>
      </Defs>
      <Rect x={PAD.left} y={PAD.top} width={width - PAD.right - PAD.left} height={Math.max(0, y(limitPa) - PAD.top)} fill={t.redWash} />
      <Rect x={PAD.left} y={PAD.top} width={width - PAD.right - PAD.left} height={Math.max(0, y(limitPa) - PAD.top)} fill="url(#above)" />
      {y.ticks(4).map((pa) => (
        <Label
          key={pa}
          x={PAD.left - 8}
          y={y(pa) + 5}
          text={pa === 0 ? '0' : formatVacuum(pa, units).value}
          mono
          size={14}
          anchor="end"
          color={t.ink2}
        />
      ))}
      <Line x1={PAD.left} y1={y(limitPa)} x2={width - PAD.right} y2={y(limitPa)} stroke={t.ink} strokeWidth={1.6} />
      <Path d={linePath(water, x, y)} fill="none" stroke={t.amber} strokeWidth={2} strokeDasharray="3 4" />
      <Path d={linePath(leak, x, y)} fill="none" stroke={t.red} strokeWidth={2} strokeDasharray="8 5" />
      <Path d={linePath(points, x, y)} fill="none" stroke={t.ink} strokeWidth={2.4} />
      {(points.length > MOST_DOTS ? [] : points).map(([seconds, pa], i) => (
        <Circle key={i} cx={x(seconds)} cy={y(pa)} r={3.2} fill={t.paper} stroke={t.ink} strokeWidth={2} />
      ))}
      {last ? <Circle cx={x(last[0])} cy={y(last[1])} r={6} fill={t.ink} /> : null}
      <Label
        x={width - PAD.right}
        y={PAD.top + 16}
        text={WORDS.water(readingText(formatVacuum(frame.waterPa, units)))}
        bold
        anchor="end"
        color={t.amber}
        cutOut
      />
      <Label x={width - PAD.right} y={PAD.top + 36} text={WORDS.leak} bold anchor="end" color={t.red} cutOut />
      <Label
        x={width - PAD.right}
        y={y(limitPa) > bottom - 24 ? y(limitPa) - 6 : y(limitPa) + 18}
        text={WORDS.limitAt(limit)}
        anchor="end"
        size={14}
        cutOut
      />
      <Line x1={PAD.left} y1={bottom} x2={width - PAD.right} y2={bottom} stroke={t.ink} strokeWidth={1.4} />
      {frame.minutes.map((minutes) => (
        <Label key={minutes} x={x(minutes * 60)} y={bottom + 19} text={String(minutes)} mono size={14} anchor="middle" color={t.ink2} />
      ))}
      <Label x={0} y={14} text={unit} size={14} color={t.ink2} />
    </Svg>
  );
}
