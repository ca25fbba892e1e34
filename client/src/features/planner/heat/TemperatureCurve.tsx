import { partName } from '@kesto/contract/wording';
import { axisMm } from '@/drawing/joint/axis';
import { formatTemperature, readingText, type HeatAlong, type JointPlan, type UnitPreferences, MM_PER_INCH } from '@kesto/core';
import { scaleLinear } from 'd3-scale';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { useTokens } from '@/ui/theme';
import type { ReachAnswer } from '@/worker/reach';
import { Label } from '@/drawing/joint/annotate';
import type { Frame } from '@/drawing/joint/frame';
import { WORDS } from '../words';

type Pick = (curve: HeatAlong['bare']) => readonly number[];

const PAD = { top: 18, bottom: 26 } as const;
/** How far over the limit's words the bare peak's stand [px]. */
const ABOVE_LIMIT = 22;

interface Side {
  readonly heat: HeatAlong;
  readonly mmOf: (distanceM: number) => number;
}

/** The members' temperature under the drawing, on its own x axis: as planned in full, bare in dashes. */
export function TemperatureCurve({
  plan,
  reach,
  frame,
  height,
  units,
  atS,
}: {
  plan: JointPlan;
  reach: ReachAnswer | null;
  frame: Frame;
  height: number;
  units: UnitPreferences;
  /** Null: the hottest each point gets. */
  atS: number | null;
}) {
  const t = useTokens();
  const { heat } = plan;
  if (!heat) return null;
  const top = heat.middleC * 1.12;
  const y = scaleLinear([0, top], [height - PAD.bottom, PAD.top]);
  const pick: Pick = (curve) => (atS === null ? curve.hottestC : frameAt(curve, atS));
  const sides = sidesOf(reach, plan);
  const line = (curve: HeatAlong['bare'], side: Side) =>
    pick(curve)
      .map(
        (c, i) => `${i === 0 ? 'M' : 'L'}${frame.toX(side.mmOf(side.heat.distancesM[i] ?? 0)).toFixed(1)} ${y(Math.max(0, c)).toFixed(1)}`,
      )
      .join(' ');
  return (
    <Svg width={frame.width} height={height} role="img" aria-label={describe(plan, units)}>
      {plan.protection.map((p, i) => {
        const wet = p.part.protection.wet;
        if (!wet) return null;
        const [a, b] = [wet.fromM, wet.toM].map((m) => frame.toX(axisMm(p.part.along, m, plan.joint.female))).sort((m, n) => m - n) as [
          number,
          number,
        ]; // cast: two in, two out
        return <Rect key={i} x={a} y={PAD.top} width={b - a} height={height - PAD.top - PAD.bottom} fill={t.tealWash} />;
      })}
      {y
        .ticks(height > 150 ? 4 : 2)
        .slice(1)
        .map((c) => (
          <G key={c}>
            <Line x1={0} y1={y(c)} x2={frame.width} y2={y(c)} stroke={t.hair} strokeWidth={1} />
            <Label x={0} y={y(c) - 4} text={readingText(formatTemperature(c, units))} color={t.ink2} size={14} />
          </G>
        ))}
      <Axis frame={frame} y={height - PAD.bottom} units={units} />
      {sides.map((side) => (
        <G key={side.heat.along}>
          {side.heat.wrapped ? (
            <Path d={line(side.heat.bare, side)} stroke={t.red} strokeWidth={2} strokeDasharray="6 5" fill="none" />
          ) : null}
          <Path d={line(side.heat.wrapped ?? side.heat.bare, side)} stroke={t.copper} strokeWidth={3} fill="none" />
        </G>
      ))}
      {plan.protection.map((p, i) => {
        const { peakC, unprotectedPeakC: bareC } = p;
        if (peakC === null || bareC === null) return null;
        const x = frame.toX(axisMm(p.part.along, p.part.distanceM, plan.joint.female));
        if (x < 4 || x > frame.width - 4) return null;
        return (
          <G key={`part${i}`}>
            {p.part.limitC === null ? null : (
              <Line x1={x - 26} y1={y(p.part.limitC)} x2={x + 26} y2={y(p.part.limitC)} stroke={t.ink} strokeWidth={2} />
            )}
            {p.part.protection.wet && atS === null ? (
              <Circle cx={x} cy={y(bareC)} r={5} fill={t.paper} stroke={t.red} strokeWidth={2} />
            ) : null}
            {atS === null ? <Circle cx={x} cy={y(peakC)} r={5.5} fill={p.verdict === 'too-hot' ? t.red : t.copper} /> : null}
            {atS === null && p.part.protection.wet ? (
              <Label
                x={x + 9}
                y={Math.min(y(bareC) - 6, p.part.limitC === null ? Infinity : y(p.part.limitC) - ABOVE_LIMIT)}
                text={WORDS.bare(readingText(formatTemperature(bareC, units)))}
                bold
                color={t.red}
                size={14}
                cutOut
              />
            ) : null}
            {p.part.limitC === null ? null : (
              <Label
                x={x + 30}
                y={y(p.part.limitC) - 4}
                text={WORDS.limit(readingText(formatTemperature(p.part.limitC, units)))}
                bold
                size={14}
                cutOut
              />
            )}
          </G>
        );
      })}
    </Svg>
  );
}

function sidesOf(reach: ReachAnswer | null, { joint }: JointPlan): readonly Side[] {
  if (!reach) return [];
  return [
    ...(reach.male ? [{ heat: reach.male, mmOf: (m: number) => axisMm('male', m, joint.female) }] : []),
    ...(reach.female ? [{ heat: reach.female, mmOf: (m: number) => axisMm('female', m, joint.female) }] : []),
  ];
}

function frameAt(curve: HeatAlong['bare'], atS: number): readonly number[] {
  const nearest = curve.frames.reduce((best, f) => (Math.abs(f.seconds - atS) < Math.abs(best.seconds - atS) ? f : best));
  return nearest.temperaturesC;
}

function Axis({ frame, y, units }: { frame: Frame; y: number; units: UnitPreferences }) {
  const t = useTokens();
  const perUnit = units.length === 'metric' ? 1 : MM_PER_INCH;
  const ticks = scaleLinear([frame.shown.left / perUnit, frame.shown.right / perUnit], [0, frame.width]).ticks(frame.width > 500 ? 9 : 5);
  return (
    <G>
      <Line x1={0} y1={y} x2={frame.width} y2={y} stroke={t.ink} strokeWidth={1.4} />
      <Label x={frame.width} y={y + 20} text={units.length === 'metric' ? WORDS.mm : WORDS.inch} size={14} anchor="end" color={t.ink2} />
      {ticks
        .map((tick) => ({ tick, x: frame.toX(tick * perUnit) }))
        .filter(({ x }) => x > 14 && x < frame.width - 44)
        .map(({ tick, x }) => (
          <G key={tick}>
            <Line x1={x} y1={y} x2={x} y2={y + 5} stroke={t.ink} strokeWidth={1} />
            <Label x={x} y={y + 20} text={String(tick)} mono size={14} anchor="middle" color={t.ink2} />
          </G>
        ))}
    </G>
  );
}

function describe(plan: JointPlan, units: UnitPreferences): string {
  const parts = plan.protection.flatMap((p) =>
    p.peakC === null ? [] : [`${partName(p.part.kind)} gets to ${readingText(formatTemperature(p.peakC, units))}`],
  );
  return `temperature along the parts; the joint at ${readingText(formatTemperature(plan.heat?.middleC ?? 0, units))}${parts.length > 0 ? `, ${parts.join(', ')}` : ''}`;
}
