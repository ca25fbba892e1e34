import type { HoldCurve } from '@kesto/core';
import { formatYearlyLoss, readingText } from '@kesto/core/unit';
import { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { linePath } from '@/chart/linePath';
import { Label } from '@/drawing/joint/annotate';
import { useUnits } from '@/session/units';
import { useTokens } from '@/ui/theme';
import { WORDS } from '../words';
import type { ChartFacts, ChartFrame } from './frame';
import { changeText, changeUnit } from './HoldChart';
import { wantedGramsOf } from './looks';

interface BandProps {
  readonly facts: ChartFacts;
  readonly frame: ChartFrame;
  readonly settledS: number;
  readonly curve: HoldCurve;
  readonly clockAt: (beganAt: string, seconds: number) => string;
}

/** The whole sentence needs so much room behind the moment from which it counts. */
const SAYS_ALL = 260;

/** What could hide, what is held within it, and the fall that the leak looked for would make. */
export function Band({ facts, frame, settledS, curve, clockAt }: BandProps) {
  const t = useTokens();
  const units = useUnits();
  const { x, change, right, end } = frame;
  const { bandPa, points, wantedPaPerS, answersAtS } = curve;
  const from = x(settledS);
  const last = points.at(-1);
  const toX = last ? x(settledS + last.seconds) : from;
  const [upper, lower] = [change(bandPa), change(-bandPa)];
  const wanted = wantedGramsOf(curve);
  const fallTo = wantedPaPerS === null ? null : Math.min(end, settledS + frame.reach / wantedPaPerS);
  const answers = answersAtS === null ? null : settledS + answersAtS;
  return (
    <G>
      <Rect x={from} y={upper} width={Math.max(0, toX - from)} height={Math.max(0, lower - upper)} fill={t.teal} fillOpacity={0.14} />
      <Line x1={from} y1={upper} x2={right} y2={upper} stroke={t.teal} strokeWidth={1.5} strokeDasharray="6 4" />
      <Line x1={from} y1={lower} x2={right} y2={lower} stroke={t.teal} strokeWidth={1.5} strokeDasharray="6 4" />
      <Line x1={from} y1={frame.top} x2={from} y2={frame.drawn} stroke={t.ink} strokeWidth={1.2} />
      <Label
        x={right}
        y={upper - 7}
        text={right - from > SAYS_ALL ? WORDS.canHide : WORDS.canHideShort}
        size={14}
        anchor="end"
        color={t.teal}
        cutOut
      />
      {fallTo === null || wantedPaPerS === null ? null : (
        <Path
          d={`M${from} ${change(0)} L${x(fallTo)} ${change(-wantedPaPerS * (fallTo - settledS))}`}
          stroke={t.red}
          strokeWidth={2.4}
          strokeDasharray="8 5"
          fill="none"
        />
      )}
      <Path
        d={linePath(
          points.map(({ seconds, changePa }) => [settledS + seconds, changePa] as const),
          x,
          change,
        )}
        fill="none"
        stroke={t.teal}
        strokeWidth={3.4}
      />
      {last ? (
        <>
          <Circle cx={toX} cy={change(last.changePa)} r={6} fill={t.teal} stroke={t.paper} strokeWidth={2} />
          <Label
            {...(toX > right - 150 ? { x: toX - 12, anchor: 'end' as const } : { x: toX + 12 })}
            y={Math.min(change(last.changePa) + (last.changePa < 0 ? 24 : -12), frame.heldEnd - 3)}
            text={`${changeText(last.changePa, units)} ${changeUnit(units)} ± ${changeText(bandPa, units)}`}
            bold
            mono
            size={15}
            color={t.teal}
            cutOut
          />
        </>
      ) : null}
      {answers !== null && answers <= end && wantedPaPerS !== null ? (
        <>
          <Path d={`M${x(answers)} ${lower - 8} l8 8 l-8 8 l-8 -8 Z`} fill={t.paper} stroke={t.red} strokeWidth={2.2} />
          <Label
            x={Math.min(x(answers), right - 70)}
            y={lower + 26}
            text={WORDS.answersAt(clockAt(facts.beganAt, answers))}
            bold
            size={15}
            anchor="middle"
            color={t.red}
            cutOut
          />
        </>
      ) : null}
      {wanted !== null && fallTo !== null && answers !== null && answers > end ? (
        <Label
          x={right}
          y={lower + 22}
          text={`${readingText(formatYearlyLoss(wanted / 1000, units, 2))} ${WORDS.wouldFall}`}
          size={14}
          anchor="end"
          color={t.red}
          cutOut
        />
      ) : null}
    </G>
  );
}
