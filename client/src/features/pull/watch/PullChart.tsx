import { formatDuration, readingText } from '@kesto/core/unit';
import { format } from 'date-fns/format';
import { Circle, Line, Path } from 'react-native-svg';
import { linePath } from '@/chart/linePath';
import { Label } from '@/drawing/joint/annotate';
import { useTokens } from '@/ui/theme';
import { LogChart } from '../LogChart';
import { WORDS } from '../words';
import { ticksFor, tracksOf } from './tracks';
import type { PullWatchWork } from './usePullWatch';

interface PullChartProps {
  readonly watch: PullWatchWork;
  readonly width: number;
  readonly height: number;
}

const AIR_PA = 101_325;
/** Drawn down to here, further where it got further [Pa]. */
const LEAST_PA = 10;
/** A test is started well under what it may rise to. */
const START_SHARE = 0.6;
/** More dots would be the line itself. */
const MOST_DOTS = 60;

/** All pulls of the job over the time of day: what was read, what a dry circuit would do, breaks, the valve shut. */
export function PullChart({ watch, width, height }: PullChartProps) {
  const t = useTokens();
  const tracks = tracksOf(watch);
  const { beganMs, endS } = tracks;
  const leastPa = Math.min(LEAST_PA, ...tracks.lines.flat().map(([, pa]) => pa * 0.8));
  const { limitPa } = watch.pull.began.values;
  const dryS = watch.forecast.find(({ pa }) => pa <= limitPa)?.seconds ?? null;
  const says = watch.last ? WORDS.atBest(format(new Date(Date.parse(watch.pull.began.at) + (dryS ?? 0) * 1000), 'HH:mm')) : WORDS.noReading;
  return (
    <LogChart width={width} height={height} endS={endS} leastPa={leastPa} says={says} ticks={ticksFor(beganMs, endS, width)}>
      {({ x, y, left, right, bottom, top }) => (
        <>
          <Line
            x1={left}
            y1={y(limitPa * START_SHARE)}
            x2={right}
            y2={y(limitPa * START_SHARE)}
            stroke={t.teal}
            strokeWidth={1.6}
            strokeDasharray="7 5"
          />
          <Label x={left + 6} y={y(limitPa * START_SHARE) + 17} text={WORDS.startTest} size={14} color={t.teal} cutOut />
          {tracks.forecasts.map((points, i) => (
            <Path key={i} d={linePath(points, x, y)} fill="none" stroke={t.amber} strokeWidth={2} strokeDasharray="5 4" />
          ))}
          {tracks.breaks.map(({ from, to, reachedPa }, i) => (
            <Path
              key={i}
              d={`M${x(from)} ${y(reachedPa)} V${y(AIR_PA)} H${x(to)}`}
              fill="none"
              stroke={t.teal}
              strokeWidth={2.4}
              strokeDasharray="2 4"
            />
          ))}
          {tracks.lines.map((points, i) => (
            <Path key={i} d={linePath(points, x, y)} fill="none" stroke={t.copper} strokeWidth={3} />
          ))}
          {(tracks.lines.flat().length > MOST_DOTS ? [] : tracks.lines.flat()).map(([seconds, pa], i) => (
            <Circle key={i} cx={x(seconds)} cy={y(pa)} r={2.6} fill={t.copper} />
          ))}
          {tracks.shut.map((seconds, i) => (
            <Line
              key={i}
              x1={x(seconds)}
              y1={top + 26}
              x2={x(seconds)}
              y2={bottom}
              stroke={t.ink}
              strokeWidth={1.2}
              strokeDasharray="3 4"
            />
          ))}
          {tracks.shut.slice(-1).map((seconds) => (
            <Label
              key={`at${seconds}`}
              x={Math.max(x(seconds), left + 110)}
              y={top + 64}
              text={`${format(new Date(beganMs + seconds * 1000), 'HH:mm')} ${WORDS.shutOff}`}
              bold
              anchor="end"
              cutOut
            />
          ))}
          <Label
            x={right}
            y={top + 2}
            text={dryS === null ? WORDS.forecast : `${WORDS.forecast}: ${readingText(formatDuration(dryS))}`}
            bold
            anchor="end"
            color={t.amber}
            cutOut
          />
          {tracks.breaks.length > 0 ? <Label x={right} y={top + 42} text={WORDS.broken} bold anchor="end" color={t.teal} cutOut /> : null}
        </>
      )}
    </LogChart>
  );
}
