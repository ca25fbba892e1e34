import { formatLength, METRIC_PREFERENCES, readingText, tradeFraction, type UnitPreferences } from '@kesto/core';
import { useId, useState } from 'react';
import { View } from 'react-native';
import Svg, { G, Line, Path, Rect } from 'react-native-svg';
import { useTokens } from '@/ui/theme';
import { Across, Dimension, GasArrow, Label, SvgFlag } from './annotations';
import { femaleOutline, filletPath, isSteel, maleOutline, viewOf, type Point, type SectionJoint } from './geometry';
import { MetalPattern } from './hatch';
import { Magnifier } from './Magnifier';
import { NearMarkDrawing, type NearMark } from './NearMarks';

export interface DrawnFlag {
  readonly letter: string;
  readonly stop: boolean;
  readonly place: 'mouth' | 'cup' | 'part' | 'tube';
}

export interface JointDrawingProps {
  readonly joint: SectionJoint;
  /** `thumb`: shape alone; `cover`: shape and gas; `sizes`: shape and sizes; `plan`: everything. */
  readonly detail: 'thumb' | 'cover' | 'sizes' | 'plan';
  readonly units?: UnitPreferences;
  readonly gap?: { readonly coldMm: number; readonly hotMm: number } | null;
  readonly gas?: string | null;
  readonly rod?: string | null;
  readonly near?: readonly NearMark[];
  readonly flags?: readonly DrawnFlag[];
  readonly label?: string;
}

const MARGINS = { thumb: [3, 3], cover: [14, 14], sizes: [30, 58], plan: [84, 74] } as const;
const MAGNIFIED = 12;

/** The joint in section, to scale: both axes the same, the gap under a glass with its magnification said. */
export function JointDrawing(props: JointDrawingProps) {
  const [width, setWidth] = useState(0);
  return (
    <View onLayout={(e) => setWidth(e.nativeEvent.layout.width)} style={{ width: '100%' }}>
      {width > 0 ? <Section {...props} width={width} /> : null}
    </View>
  );
}

const closed = (points: readonly Point[]) => `M${points.map(([x, y]) => `${x.toFixed(2)} ${y.toFixed(2)}`).join(' L')} Z`;

function Section({ width, joint, detail, ...rest }: JointDrawingProps & { width: number }) {
  const t = useTokens();
  const id = useId();
  const view = viewOf(joint);
  const [top, bottom] = MARGINS[detail];
  const tallest = detail === 'thumb' ? 64 : width > 500 ? 230 : 150;
  const scale = Math.min(width / (view.right - view.left), tallest / (2 * view.half));
  const left = (width - (view.right - view.left) * scale) / 2;
  const axis = top + view.half * scale;
  const height = axis + view.half * scale + bottom;
  // A drawing narrower than its frame runs on to both edges: tube has no end there.
  const shown = { ...view, left: view.left - left / scale, right: view.right + left / scale };
  const toX = (mm: number) => left + (mm - view.left) * scale;
  const upper = ([x, y]: Point): Point => [toX(x), axis - y * scale];
  const lower = ([x, y]: Point): Point => [toX(x), axis + y * scale];
  const female = femaleOutline(joint, shown);
  const male = maleOutline(joint, shown);
  const line = detail === 'thumb' ? 1 : 1.5;
  return (
    <Svg width={width} height={height} role="img" aria-label={rest.label ?? describe(joint, rest.units ?? METRIC_PREFERENCES)}>
      <MetalPattern id={`${id}m`} metal={joint.male.metal} />
      <MetalPattern id={`${id}f`} metal={joint.female.metal} />
      <Line x1={0} y1={axis} x2={width} y2={axis} stroke={t.rule} strokeWidth={1} strokeDasharray="12 4 2 4" />
      {[upper, lower].map((to, i) => (
        <G key={i}>
          <Path d={closed(female.map(to))} fill={`url(#${id}f)`} stroke={t.ink} strokeWidth={line} />
          <Path d={closed(male.map(to))} fill={`url(#${id}m)`} stroke={t.ink} strokeWidth={line} />
          {joint.female.metal === 'copper-plated-steel' ? (
            <Path d={open(female.slice(-3).map(to))} fill="none" stroke={t.metals.copper.fill} strokeWidth={2.5} />
          ) : null}
          <GapLine joint={joint} to={to} scale={scale} />
          <Path d={filletPath(joint, to)} fill={t.metals.filler.fill} stroke={t.ink} strokeWidth={line * 0.8} />
        </G>
      ))}
      {joint.female.form === 'component-stub' ? (
        <Inside joint={joint} toX={toX} axis={axis} scale={scale} plain={detail === 'thumb'} />
      ) : null}
      {detail === 'thumb' ? null : (
        <Annotations {...rest} detail={detail} joint={joint} place={{ width, scale, axis, toX, top, view, id }} />
      )}
    </Svg>
  );
}

const open = (points: readonly Point[]) => `M${points.map(([x, y]) => `${x} ${y}`).join(' L')}`;

/** The gap is too thin to see at this scale: filler drawn a hair wide at least. */
function GapLine({ joint, to, scale }: { joint: SectionJoint; to: (p: Point) => Point; scale: number }) {
  const t = useTokens();
  const R = joint.male.od / 2;
  const [x1, y1] = to([0, (R + joint.female.bore / 2) / 2]);
  const [x2] = to([joint.female.depth, R]);
  return (
    <Line
      x1={x1}
      y1={y1}
      x2={x2}
      y2={y1}
      stroke={t.metals.filler.fill}
      strokeWidth={Math.max(1.4, ((joint.female.bore - joint.male.od) / 2) * scale)}
    />
  );
}

/** What sits in a component's body: a ball with its seats and stem, or a drier's core. */
function Inside({
  joint,
  toX,
  axis,
  scale,
  plain,
}: {
  joint: SectionJoint;
  toX: (mm: number) => number;
  axis: number;
  scale: number;
  plain: boolean;
}) {
  const t = useTokens();
  const D = joint.male.od;
  const { depth, bore, wall } = joint.female;
  if (isSteel(joint.female.metal)) {
    const x = toX(depth + 1.1 * D);
    const half = (bore / 2 + wall + 0.45 * D) * scale;
    const dots = [0, 1, 2].flatMap((i) => [-0.6, -0.2, 0.2, 0.6].map((f) => ({ x: x + i * 0.5 * D * scale, y: axis + f * half })));
    return (
      <G>
        {dots.map((dot) => (
          <Rect key={`${dot.x}${dot.y}`} x={dot.x} y={dot.y - 2} width={plain ? 3 : 5} height={plain ? 3 : 5} rx={2} fill={t.ink2} />
        ))}
      </G>
    );
  }
  const middle = toX(depth + 1.62 * D);
  const inner = (D / 2 - joint.male.wall) * scale;
  const outer = (bore / 2 + wall) * scale;
  const body = outer + 0.36 * D * scale;
  const ball = 0.46 * D * scale;
  const seat = Math.max(3, 0.16 * D * scale);
  return (
    <G>
      {[-1, 1].map((side) => (
        <G key={side}>
          <Path
            d={`M${middle - ball} ${axis + side * inner} Q${middle} ${axis + side * (inner + ball * 0.9)} ${middle + ball} ${axis + side * inner} Z`}
            fill={t.metals.filler.fill}
            stroke={t.ink}
            strokeWidth={1}
          />
          {[-1, 1].map((end) => (
            <Rect
              key={end}
              x={middle + end * (ball + seat / 2) - seat / 2}
              y={side < 0 ? axis - inner - seat * 1.2 : axis + inner}
              width={seat}
              height={seat * 1.2}
              fill={t.ink}
            />
          ))}
        </G>
      ))}
      {plain ? null : (
        <G>
          <Rect
            x={middle - 0.28 * D * scale}
            y={axis - body - 0.3 * D * scale}
            width={0.56 * D * scale}
            height={0.3 * D * scale}
            fill={t.metals.brass.fill}
            stroke={t.ink}
            strokeWidth={1.2}
          />
          <Rect
            x={middle - 2}
            y={axis - body - 0.46 * D * scale}
            width={4}
            height={0.5 * D * scale + (body - inner) * 0.6}
            fill={t.panel}
            stroke={t.ink}
            strokeWidth={1}
          />
          <Rect
            x={middle - 0.4 * D * scale}
            y={axis - body - 0.56 * D * scale}
            width={0.8 * D * scale}
            height={0.12 * D * scale}
            rx={2}
            fill={t.paper}
            stroke={t.ink}
            strokeWidth={1.2}
          />
        </G>
      )}
    </G>
  );
}

interface Place {
  readonly width: number;
  readonly scale: number;
  readonly axis: number;
  readonly toX: (mm: number) => number;
  readonly top: number;
  readonly view: ReturnType<typeof viewOf>;
  readonly id: string;
}

function Annotations({
  joint,
  detail,
  units = METRIC_PREFERENCES,
  gap,
  gas,
  rod,
  near = [],
  flags = [],
  place,
}: Omit<JointDrawingProps, 'label'> & { place: Place }) {
  const t = useTokens();
  const { axis, scale, toX, width } = place;
  const half = (joint.male.od / 2) * scale;
  const outer = (joint.female.bore / 2 + joint.female.wall) * scale;
  const mouth = toX(0);
  const wide = width > 500;
  const od = readingText(formatLength(joint.male.od / 1000, units));
  const fraction = tradeFraction(joint.male.od / 1000);
  const depth = readingText(formatLength(joint.female.depth / 1000, units));
  const gasFrom = Math.max(10, mouth - 1.9 * joint.male.od * scale);
  return (
    <G>
      {gas !== null && detail !== 'sizes' ? (
        <GasArrow x1={gasFrom} x2={Math.min(width - 12, toX(joint.female.depth + 1.15 * joint.male.od))} y={axis} text={gas ?? ''} />
      ) : null}
      {detail === 'cover' ? null : (
        <G>
          <Across x={Math.max(14, gasFrom - 30)} half={half} axis={axis} text={od} sub={fraction ? `${fraction} in` : null} />
          <Dimension
            x1={mouth}
            x2={toX(joint.female.depth)}
            y={axis + outer + 30}
            from={axis + outer + 4}
            text={`${depth} in the cup`}
            side={mouth < 170 ? 'right' : 'left'}
          />
        </G>
      )}
      {detail === 'plan' && gap ? (
        <Magnifier
          id={`${place.id}g`}
          x={wide ? 62 : 42}
          y={wide ? 60 : 42}
          r={wide ? 54 : 38}
          gapPx={Math.max(1, Math.min(40, gap.coldMm * scale * MAGNIFIED))}
          maleFill={`url(#${place.id}m)`}
          femaleFill={`url(#${place.id}f)`}
          target={[mouth, axis - half]}
          cold={formatLength(gap.coldMm / 1000, units, 2).value}
          hot={formatLength(gap.hotMm / 1000, units, 2).value}
          unit={units.length === 'metric' ? 'mm' : 'in'}
          times={MAGNIFIED}
          wide={wide}
        />
      ) : null}
      {detail === 'plan' && rod ? <RodMark x={mouth} y={axis - half - 4} text={rod} wide={wide} /> : null}
      {near.map((mark, i) => (
        <NearMarkDrawing
          key={`${mark.kind}${i}`}
          mark={mark}
          x={toX(mark.onFemale ? mark.distance : -mark.distance)}
          y={axis + outer + 58 - 26 * (i % 2)}
          outer={mark.onFemale ? outer : half}
          axis={axis}
          toX={toX}
          edge={{ left: 0, right: width }}
        />
      ))}
      {flags.map((flag, i) => (
        <SvgFlag
          key={flag.letter}
          letter={flag.letter}
          stop={flag.stop}
          {...flagPlace(flag.place, i, { mouth, cup: toX(joint.female.depth), axis, outer, half, width })}
        />
      ))}
    </G>
  );
}

function flagPlace(
  place: DrawnFlag['place'],
  index: number,
  at: { mouth: number; cup: number; axis: number; outer: number; half: number; width: number },
): { x: number; y: number } {
  const shift = (index % 3) * 28;
  if (place === 'mouth') return { x: at.mouth + 44 + shift, y: at.axis - at.outer - 6 };
  if (place === 'cup') return { x: at.cup + 10 + shift, y: at.axis - at.outer - 6 };
  if (place === 'part') return { x: Math.min(at.width - 20, at.cup + 96 + shift), y: at.axis - at.outer - 40 };
  return { x: 34 + shift, y: at.axis + at.half + 34 };
}

function RodMark({ x, y, text, wide }: { x: number; y: number; text: string; wide: boolean }) {
  const t = useTokens();
  const tip = { x: x - 3, y };
  const end = { x: x - (wide ? 40 : 26), y: y - (wide ? 108 : 62) };
  return (
    <G>
      <Line x1={tip.x} y1={tip.y} x2={end.x} y2={end.y} stroke={t.ink} strokeWidth={9} strokeLinecap="round" />
      <Line x1={tip.x} y1={tip.y} x2={end.x} y2={end.y} stroke={t.metals.filler.fill} strokeWidth={6} strokeLinecap="round" />
      <Label x={end.x + 14} y={Math.max(14, end.y + 12)} text={text} bold size={wide ? 16 : 14} />
    </G>
  );
}

function describe(joint: SectionJoint, units: UnitPreferences): string {
  const od = readingText(formatLength(joint.male.od / 1000, units));
  const depth = readingText(formatLength(joint.female.depth / 1000, units));
  return `section: ${joint.male.metal} tube ${od} goes ${depth} into a ${joint.female.metal} ${joint.female.form}`;
}
