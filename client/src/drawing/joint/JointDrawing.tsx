import { formatLength, formatOnRule, METRIC_PREFERENCES, readingText, type UnitPreferences } from '@kesto/core/unit';
import { useId, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import Svg, { G, Line, Path } from 'react-native-svg';
import { arrange } from '@/ui/arrange';
import { useTokens } from '@/ui/theme';
import { Annotations } from './Annotations';
import { frameOf, type Detail, type Frame } from './frame';
import { femaleOutline, filletPath, maleOutline, type Point, type SectionJoint } from '@kesto/core/section';
import { MetalPattern } from './hatch';
import { Inside } from './Inside';
import type { NearMark } from './NearMarks';

export interface DrawnFlag {
  readonly letter: string;
  readonly stop: boolean;
  readonly place: 'mouth' | 'cup' | 'part' | 'tube';
}

export interface JointDrawingProps {
  readonly joint: SectionJoint;
  readonly detail: Detail;
  readonly units?: UnitPreferences;
  readonly gap?: { readonly coldMm: number; readonly hotMm: number } | null;
  readonly gas?: string | null;
  readonly rod?: string | null;
  readonly near?: readonly NearMark[];
  readonly flags?: readonly DrawnFlag[];
  /** What was measured and seen, in place of what is asked for. */
  readonly made?: { readonly depth: string; readonly seen: string | null } | null;
  /** A rule to read it by, drawn in the same frame. */
  readonly rule?: ReactNode;
  readonly label?: string;
  /** Where the drawing lies, when what is laid over it or under it has to know. */
  readonly frame?: Frame;
  /** A part of the drawing was touched. */
  readonly onPart?: (part: 'male' | 'female') => void;
}

/** The joint in section, to scale: both axes the same, the gap under a glass with its magnification said. */
export function JointDrawing(props: JointDrawingProps) {
  const [width, setWidth] = useState(0);
  return (
    <View onLayout={(e) => setWidth(e.nativeEvent.layout.width)} style={arrange.whole}>
      {width > 0 ? <JointSection {...props} width={width} /> : null}
    </View>
  );
}

const closed = (points: readonly Point[]) => `M${points.map(([x, y]) => `${x.toFixed(2)} ${y.toFixed(2)}`).join(' L')} Z`;
const open = (points: readonly Point[]) => `M${points.map(([x, y]) => `${x} ${y}`).join(' L')}`;

export function JointSection({
  width,
  joint,
  detail,
  onPart,
  frame = frameOf(joint, width, detail),
  ...rest
}: JointDrawingProps & { width: number }) {
  const t = useTokens();
  const id = useId();
  const { axis, height, scale, toX } = frame;
  const upper = ([x, y]: Point): Point => [toX(x), axis - y * scale];
  const lower = ([x, y]: Point): Point => [toX(x), axis + y * scale];
  const female = femaleOutline(joint, frame.shown);
  const male = maleOutline(joint, frame.shown);
  const line = detail === 'thumb' ? 1 : 1.5;
  const press = (part: 'male' | 'female') => (onPart ? { onPress: () => onPart(part) } : {});
  return (
    <Svg width={width} height={height} role="img" aria-label={rest.label ?? describe(joint, rest.units ?? METRIC_PREFERENCES)}>
      <MetalPattern id={`${id}m`} metal={joint.male.metal} />
      <MetalPattern id={`${id}f`} metal={joint.female.metal} />
      <Line x1={0} y1={axis} x2={width} y2={axis} stroke={t.rule} strokeWidth={1} strokeDasharray="12 4 2 4" />
      {[upper, lower].map((to, i) => (
        <G key={i}>
          <Path d={closed(female.map(to))} fill={`url(#${id}f)`} stroke={t.ink} strokeWidth={line} {...press('female')} />
          <Path d={closed(male.map(to))} fill={`url(#${id}m)`} stroke={t.ink} strokeWidth={line} {...press('male')} />
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
      {detail === 'thumb' ? null : <Annotations {...rest} detail={detail} joint={joint} place={{ ...frame, id }} />}
    </Svg>
  );
}

/** The gap is too thin to see at this scale: filler drawn a hair wide at least. */
function GapLine({ joint, to, scale }: { joint: SectionJoint; to: (p: Point) => Point; scale: number }) {
  const t = useTokens();
  const R = joint.male.od / 2;
  const [x1, y1] = to([0, (R + joint.female.bore / 2) / 2]);
  const [x2] = to([Math.min(joint.male.inserted ?? Infinity, joint.female.depth), R]);
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

function describe(joint: SectionJoint, units: UnitPreferences): string {
  const od = readingText(formatLength(joint.male.od / 1000, units));
  const depth = readingText(formatOnRule(joint.female.depth / 1000, units));
  return `section: ${joint.male.metal} tube ${od} goes ${depth} into a ${joint.female.metal} ${joint.female.form}`;
}
