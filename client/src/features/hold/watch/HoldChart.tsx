import { format } from 'date-fns/format';
import Svg, { Circle, Line, Path } from 'react-native-svg';
import { formatGaugePressure, formatNumber, formatTemperature, gaugePascals, type UnitPreferences } from '@kesto/core/unit';
import { linePath } from '@/chart/linePath';
import { Label } from '@/drawing/joint/annotate';
import { useUnits } from '@/session/units';
import { useTokens } from '@/ui/theme';
import { WORDS } from '../words';
import { Band } from './Band';
import { frameOf, shownReadings, stepPath, ticksOf, type ChartFacts, type ChartFrame } from './frame';

const clockAt = (beganAt: string, seconds: number, shape = 'HH:mm') => format(new Date(Date.parse(beganAt) + seconds * 1000), shape);
/** Beyond a day an hour alone says too little. */
const shapeOf = ({ end }: ChartFrame) => (end > 86_400 ? 'EEE HH' : 'HH:mm');
/** A change of pressure in the person's unit, without the atmosphere. */
export const changeText = (pa: number, units: UnitPreferences): string =>
  units.pressure === 'psig' ? formatNumber(pa / 6894.757, 2) : formatNumber(pa / 1000, 1);
export const changeUnit = (units: UnitPreferences): string => (units.pressure === 'psig' ? 'psi' : 'kPa');

interface HoldChartProps {
  readonly facts: ChartFacts;
  readonly width: number;
  readonly height: number;
}

/** A hold over time: its steps, what is held freed from warmth with its band, the gauge as read, the pipe. */
export function HoldChart({ facts, width, height }: HoldChartProps) {
  const t = useTokens();
  const units = useUnits();
  const frame = frameOf(facts, width, height);
  const { x, steps, zero, left, right, heldEnd, drawn } = frame;
  const { tracks, beganAt, settledS, shutS, nowS, curve } = facts;
  const filledTo = settledS ?? shutS ?? nowS;
  const path = stepPath(tracks, Math.min(filledTo, nowS));
  const says = curve ? `${WORDS.heldTitle}: ${changeText(curve.points.at(-1)?.changePa ?? 0, units)} ${changeUnit(units)}` : WORDS.filling;
  return (
    <Svg width={width} height={height} role="img" aria-label={says}>
      <Label x={0} y={16} text={WORDS.heldTitle} bold size={15} color={t.teal} />
      <Label
        x={0}
        y={35}
        text={settledS === null ? WORDS.steps : WORDS.changeSince(clockAt(beganAt, settledS), changeUnit(units))}
        size={14}
        color={t.ink2}
      />
      <Path d={`${linePath(path, x, steps)} L${x(Math.min(filledTo, nowS))} ${steps(0)} L${x(0)} ${steps(0)} Z`} fill={t.panel} />
      <Line x1={left} y1={zero} x2={right} y2={zero} stroke={t.rule} strokeWidth={1} />
      <Path d={linePath(path, x, steps)} fill="none" stroke={t.ink} strokeWidth={2.4} />
      {tracks.steps.map(({ seconds, gaugePa }, i) => {
        const next = tracks.steps[i + 1]?.seconds ?? Math.min(filledTo, nowS);
        const hasRoom = x(next) - x(seconds) > 40 || i === tracks.steps.length - 1;
        return hasRoom ? (
          <Label
            key={seconds}
            {...(settledS !== null && x(settledS) - x(seconds) < 50
              ? { x: x(settledS) - 4, anchor: 'end' as const }
              : { x: x(seconds) + 3 })}
            y={steps(gaugePa) - 8}
            text={formatGaugePressure(gaugePascals(gaugePa), units).value}
            mono
            bold
            size={15}
            cutOut
          />
        ) : null;
      })}
      {settledS === null || !curve ? null : <Band facts={facts} frame={frame} settledS={settledS} curve={curve} clockAt={clockAt} />}
      <Track frame={frame} of="gauge" facts={facts} units={units} />
      <Track frame={frame} of="pipe" facts={facts} units={units} />
      <Line x1={left} y1={drawn} x2={right} y2={drawn} stroke={t.ink} strokeWidth={1.4} />
      {ticksOf(frame, beganAt, { count: width > 600 ? 8 : 5, apart: 62 }).map((seconds) => (
        <Label
          key={seconds}
          x={x(seconds)}
          y={drawn + 19}
          text={clockAt(beganAt, seconds, shapeOf(frame))}
          mono
          size={14}
          anchor="middle"
          color={t.ink2}
        />
      ))}
      <Line x1={x(nowS)} y1={heldEnd - 4} x2={x(nowS)} y2={drawn} stroke={t.teal} strokeWidth={nowS > frame.end ? 0 : 2} />
    </Svg>
  );
}

interface TrackProps {
  readonly frame: ChartFrame;
  readonly of: 'gauge' | 'pipe';
  readonly facts: ChartFacts;
  readonly units: UnitPreferences;
}

/** One instrument as it was read: a dot a reading, its last figure and what it moved. */
function Track({ frame, of, facts, units }: TrackProps) {
  const t = useTokens();
  const isGauge = of === 'gauge';
  const readings = shownReadings(facts);
  const y = isGauge ? frame.gauge : frame.pipe;
  const color = isGauge ? t.ink : t.copper;
  const top = isGauge ? frame.heldEnd : frame.gaugeEnd;
  const valueOf = (reading: (typeof readings)[number]) => (isGauge ? reading.gaugePa : reading.celsius);
  const last = readings.at(-1);
  const unit = isGauge ? formatGaugePressure(gaugePascals(0), units).unit : formatTemperature(0, units).unit;
  const points = readings.map((reading) => [reading.seconds, valueOf(reading)] as const);
  const value = last
    ? (isGauge ? formatGaugePressure(gaugePascals(last.gaugePa), units) : formatTemperature(last.celsius, units)).value
    : '';
  return (
    <>
      <Line x1={0} y1={top} x2={frame.right} y2={top} stroke={t.rule} strokeWidth={1} />
      <Label x={0} y={top + 20} text={isGauge ? WORDS.gauge : WORDS.pipe} bold size={15} color={color} />
      <Label x={0} y={top + 37} text={unit} size={14} color={t.ink2} />
      <Path d={linePath(points, frame.x, y)} fill="none" stroke={color} strokeWidth={2} />
      {points.length < 60 ? points.map(([at, read], i) => <Circle key={i} cx={frame.x(at)} cy={y(read)} r={3} fill={color} />) : null}
      {last ? (
        <Label
          {...(frame.x(last.seconds) > frame.right - 90
            ? { x: frame.x(last.seconds) - 8, anchor: 'end' as const }
            : { x: frame.x(last.seconds) + 8 })}
          y={y(valueOf(last)) + (frame.x(last.seconds) > frame.right - 90 ? -8 : 5)}
          text={value}
          mono
          bold
          size={17}
          color={color}
          cutOut
        />
      ) : null}
    </>
  );
}
