import { partName } from '@kesto/contract/wording';
import { FLUXES, formatTemperature, METALS, readingText, type JointPlan, type UnitPreferences } from '@kesto/core';
import { scaleLinear } from 'd3-scale';
import Svg, { Circle, G, Line, Rect } from 'react-native-svg';
import { LevelAxis } from '@/chart/LevelAxis';
import { useTokens } from '@/ui/theme';
import { Label } from '@/drawing/joint/annotate';
import { SHOWN_FILLERS } from './ladderReadings';
import { WORDS } from '../words';

const AXIS_X = 42;
/** Of a letter of the labels, on average. */
const LETTER_WIDTH = 7.6;

/** Whose limit it is, where the ladder is wide enough to say both. */
const limitLabel = (name: string, room: number) => (`${name} limit`.length * LETTER_WIDTH < room - 8 ? `${name} limit` : name);

/** Celsius to the ladder's paper: from just under what is of interest to just over what melts or brazes. */
export function ladderScale(plan: JointPlan, height: number) {
  const brazing = plan.fillers.slice(0, SHOWN_FILLERS).map((f) => f.filler.brazingHighC);
  const top = Math.max(...brazing, Math.min(meltsFirst(plan).solidusC, 1000)) + 60;
  return scaleLinear([floorOf(plan), top], [height - 12, 24]);
}

/** One vertical axis: what melts when, where the flux works, what the metals and the parts near by stand, and the aim. */
export function TemperatureLadder({
  plan,
  units,
  height,
  width,
}: {
  plan: JointPlan;
  units: UnitPreferences;
  height: number;
  width: number;
}) {
  const t = useTokens();
  const { heat } = plan;
  const fillers = plan.fillers.slice(0, SHOWN_FILLERS);
  const melts = meltsFirst(plan);
  const y = ladderScale(plan, height);
  const top = y.domain()[1] ?? 0;
  const show = (c: number) => readingText(formatTemperature(c, units));
  const flux = plan.flux.class ? FLUXES[plan.flux.class] : null;
  const step = (width - AXIS_X - 34) / Math.max(fillers.length, 1);
  return (
    <Svg width={width} height={height} role="img" aria-label={describe(plan, show)}>
      <LevelAxis values={y.ticks(9)} y={y} textOf={(c) => formatTemperature(c, units).value} from={AXIS_X} to={width} mono />
      <Label x={0} y={12} text={formatTemperature(0, units).unit} size={14} color={t.ink2} />
      {melts.solidusC < top ? (
        <G>
          <Rect x={AXIS_X} y={0} width={width - AXIS_X} height={y(melts.solidusC)} fill={t.redWash} />
          <Line x1={AXIS_X} y1={y(melts.solidusC)} x2={width} y2={y(melts.solidusC)} stroke={t.red} strokeWidth={2} />
          <Label
            x={AXIS_X + 4}
            y={Math.max(14, y(melts.solidusC) - 6)}
            text={`${melts.metal} ${show(melts.solidusC)}`}
            bold
            size={14}
            color={t.red}
          />
        </G>
      ) : null}
      {flux ? (
        <G>
          <Rect
            x={AXIS_X + 3}
            y={y(flux.activeToC)}
            width={12}
            height={y(flux.activeFromC) - y(flux.activeToC)}
            fill={t.tealWash}
            stroke={t.teal}
            strokeWidth={1.4}
          />
          {Array.from({ length: 8 }, (_, i) => y(flux.activeToC) + ((i + 0.5) / 8) * (y(flux.activeFromC) - y(flux.activeToC))).map(
            (at) => (
              <Line key={at} x1={AXIS_X + 3} y1={at} x2={AXIS_X + 15} y2={at} stroke={t.teal} strokeWidth={1.2} />
            ),
          )}
          <Label x={AXIS_X + 2} y={y(flux.activeFromC) + 17} text={WORDS.fluxWorks} bold size={14} color={t.teal} />
        </G>
      ) : null}
      <FillerBars plan={plan} fillers={fillers} y={y} step={step} />
      {plan.protection.flatMap((p, i) =>
        p.part.limitC === null || p.peakC === null
          ? []
          : [
              <G key={i}>
                <Line x1={AXIS_X} y1={y(p.part.limitC)} x2={width} y2={y(p.part.limitC)} stroke={t.ink} strokeWidth={2} />
                <Label x={AXIS_X + 4} y={y(p.part.limitC) - 5} text={limitLabel(partName(p.part.kind), width - AXIS_X)} bold size={14} />
                <Circle cx={AXIS_X + 10} cy={y(Math.min(p.peakC, top))} r={5} fill={p.verdict === 'too-hot' ? t.red : t.copper} />
                <Label
                  x={AXIS_X + 20}
                  y={y(Math.min(p.peakC, top)) + 14}
                  text={show(p.peakC)}
                  bold
                  size={14}
                  color={p.verdict === 'too-hot' ? t.red : t.copper}
                />
              </G>,
            ],
      )}
      {heat ? (
        <G>
          <Line x1={AXIS_X} y1={y(heat.middleC)} x2={width} y2={y(heat.middleC)} stroke={t.ink} strokeWidth={2} />
          <Rect x={0} y={y(heat.middleC) - 13} width={AXIS_X + 4} height={26} rx={13} fill={t.ink} />
          <Label
            x={(AXIS_X + 4) / 2}
            y={y(heat.middleC) + 5}
            text={formatTemperature(heat.middleC, units).value}
            mono
            bold
            size={15}
            anchor="middle"
            color={t.paper}
          />
        </G>
      ) : null}
    </Svg>
  );
}

/** Each filler's brazing range as a bar, its melting range as the thin one in it; the forbidden are struck. */
function FillerBars({
  plan,
  fillers,
  y,
  step,
}: {
  plan: JointPlan;
  fillers: JointPlan['fillers'];
  y: (c: number) => number;
  step: number;
}) {
  const t = useTokens();
  return (
    <G>
      {fillers.map((row, i) => {
        const x = AXIS_X + 24 + i * step;
        const { solidusC, liquidusC, brazingLowC, brazingHighC } = row.filler;
        const mine = row === plan.chosen;
        return (
          <G key={row.filler.designation}>
            <Rect
              x={x + 1}
              y={y(brazingHighC)}
              width={step - 7}
              height={y(brazingLowC) - y(brazingHighC)}
              fill={mine ? t.copper : t.paper}
              stroke={row.verdict === 'forbidden' ? t.red : t.copper}
              strokeWidth={1.8}
              strokeDasharray={row.verdict === 'avoid' || row.verdict === 'forbidden' ? '3 3' : ''}
            />
            <Rect
              x={x + (step - 9) / 2}
              y={y(liquidusC)}
              width={4}
              height={Math.max(2, y(solidusC) - y(liquidusC))}
              fill={row.verdict === 'forbidden' ? t.red : t.copper}
            />
            {row.verdict === 'forbidden' ? (
              <Line x1={x} y1={y(brazingLowC)} x2={x + step - 5} y2={y(brazingHighC)} stroke={t.red} strokeWidth={2} />
            ) : null}
            <Label x={x + (step - 5) / 2} y={y(solidusC) + 16} text={String(i + 1)} bold mono size={14} anchor="middle" />
          </G>
        );
      })}
    </G>
  );
}

/** With nothing sensitive near by only the hot end is of interest. */
function floorOf(plan: JointPlan): number {
  if (plan.protection.some((p) => p.part.limitC !== null)) return 0;
  const lowest = Math.min(
    ...plan.fillers.slice(0, SHOWN_FILLERS).map((f) => f.filler.solidusC),
    plan.flux.class ? FLUXES[plan.flux.class].activeFromC : 600,
  );
  return Math.max(0, Math.floor(lowest / 100) * 100 - 100);
}

function meltsFirst(plan: JointPlan): { metal: string; solidusC: number } {
  const rows = [plan.joint.male.metal, plan.joint.female.metal].map((metal) => ({
    metal: metal.replaceAll('-', ' '),
    solidusC: METALS[metal].solidusC,
  }));
  return rows.reduce((a, b) => (b.solidusC < a.solidusC ? b : a));
}

function describe(plan: JointPlan, show: (c: number) => string): string {
  const melts = meltsFirst(plan);
  const rows = plan.fillers
    .slice(0, SHOWN_FILLERS)
    .map((f, i) => `${i + 1} ${f.filler.designation} melts ${show(f.filler.solidusC)} to ${show(f.filler.liquidusC)}`);
  return `temperature ladder: aim ${plan.heat ? show(plan.heat.middleC) : 'none'}; ${melts.metal} melts from ${show(melts.solidusC)}; ${rows.join('; ')}`;
}
