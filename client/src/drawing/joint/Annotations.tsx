import { formatLength, formatOnRule, METRIC_PREFERENCES, readingText, tradeFraction } from '@kesto/core/unit';
import { G, Line } from 'react-native-svg';
import { useTokens } from '@/ui/theme';
import { Across, Dimension, GasArrow, Label, SvgFlag } from './annotate';
import type { DrawnFlag, JointDrawingProps } from './JointDrawing';
import type { Frame } from './frame';
import { Magnifier } from './Magnifier';
import { NearMarkDrawing } from './NearMarks';
import { DIMENSION_BELOW, halves, partRow } from './places';

const MAGNIFIED = 12;
/** Just right of the magnifying glass on a wide drawing. */
const BESIDE_GLASS = 106;
/** Left of the rod, which leans over the tube before the mouth. */
const BESIDE_ROD = 15;
/** Under the trade size, which stands at the edge. */
const MADE_BELOW = 44;

export function Annotations({
  joint,
  detail,
  units = METRIC_PREFERENCES,
  gap,
  gas,
  rod,
  near = [],
  flags = [],
  made = null,
  rule,
  place,
}: Omit<JointDrawingProps, 'label'> & { place: Frame & { readonly id: string } }) {
  const { axis, scale, toX, width } = place;
  const { male: half, female: outer } = halves(joint, place);
  const mouth = toX(0);
  const wide = width > 500;
  const full = detail === 'plan' || detail === 'chart';
  const isMade = detail === 'made';
  const od = readingText(formatLength(joint.male.od / 1000, units));
  const fraction = tradeFraction(joint.male.od / 1000);
  const depth = readingText(formatOnRule(joint.female.depth / 1000, units));
  const gasFrom = Math.max(10, mouth - 1.9 * joint.male.od * scale);
  return (
    <G>
      {rule}
      {near.map((mark, i) => (
        <NearMarkDrawing
          key={`${mark.kind}${i}`}
          mark={mark}
          x={toX(mark.onFemale ? mark.distance : -mark.distance)}
          row={partRow(place, i, near.length)}
          half={mark.onFemale ? outer : half}
          axis={axis}
          toX={toX}
          width={width}
        />
      ))}
      {full && gap ? (
        <Magnifier
          id={`${place.id}g`}
          x={wide ? 52 : 42}
          y={wide ? 50 : 42}
          r={wide ? 46 : 38}
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
      {gas !== null && detail !== 'sizes' ? (
        <GasArrow
          x1={gasFrom}
          x2={Math.min(width - 12, toX(joint.female.depth + 1.15 * joint.male.od))}
          y={axis}
          half={half}
          text={gas ?? ''}
          over={wide && full ? BESIDE_GLASS : 4}
          until={full && rod ? mouth - BESIDE_ROD : width}
        />
      ) : null}
      {detail === 'cover' ? null : (
        <G>
          <Across
            x={wide && !isMade ? Math.max(14, gasFrom - 60) : 14}
            half={half}
            axis={axis}
            text={od}
            sub={fraction ? `${fraction} in` : null}
            until={mouth - 6}
          />
          <Dimension
            x1={mouth}
            x2={toX(Math.min(joint.male.inserted ?? Infinity, joint.female.depth))}
            y={axis + outer + (isMade ? MADE_BELOW : DIMENSION_BELOW)}
            from={axis + outer + 4}
            text={made?.depth ?? `${depth} deep`}
            width={width}
          />
        </G>
      )}
      {made?.seen ? <Seen x={mouth} y={axis - outer} text={made.seen} /> : null}
      {full && rod ? <RodMark x={mouth} y={axis - half - 4} text={rod} wide={wide} /> : null}
      {flags.map((flag, i) => (
        <SvgFlag
          key={flag.letter}
          letter={flag.letter}
          stop={flag.stop}
          {...flagPlace(flag.place, flags.slice(0, i).filter((f) => f.place === flag.place).length, {
            mouth,
            cup: toX(joint.female.depth),
            axis,
            outer,
            half,
            width,
          })}
        />
      ))}
    </G>
  );
}

/** What the eye saw of the fillet, with a line to it. */
function Seen({ x, y, text }: { x: number; y: number; text: string }) {
  const t = useTokens();
  return (
    <G>
      <Line x1={x - 2} y1={y - 1} x2={x - 22} y2={y - 18} stroke={t.ink} strokeWidth={1} />
      <Label x={x - 26} y={y - 18} text={text} bold anchor="end" cutOut />
    </G>
  );
}

function flagPlace(
  place: DrawnFlag['place'],
  index: number,
  at: { mouth: number; cup: number; axis: number; outer: number; half: number; width: number },
): { x: number; y: number } {
  const shift = index * 30;
  if (place === 'mouth') return { x: at.mouth + 44 + shift, y: at.axis - at.outer - 6 };
  if (place === 'cup') return { x: at.cup + 10 + shift, y: at.axis - at.outer - 6 };
  if (place === 'part') return { x: Math.min(at.width - 20, at.cup + 96 + shift), y: at.axis - at.outer - 40 };
  return { x: 34 + shift, y: at.axis + at.half + 34 };
}

function RodMark({ x, y, text, wide }: { x: number; y: number; text: string; wide: boolean }) {
  const t = useTokens();
  const tip = { x: x - 3, y };
  const end = { x: x - (wide ? 40 : 26), y: y - (wide ? 92 : 62) };
  return (
    <G>
      <Line x1={tip.x} y1={tip.y} x2={end.x} y2={end.y} stroke={t.ink} strokeWidth={9} strokeLinecap="round" />
      <Line x1={tip.x} y1={tip.y} x2={end.x} y2={end.y} stroke={t.metals.filler.fill} strokeWidth={6} strokeLinecap="round" />
      <Label x={end.x + 14} y={Math.max(14, end.y + 12)} text={text} bold size={wide ? 16 : 14} />
    </G>
  );
}
