import { scaleLinear } from 'd3-scale';
import Svg, { G, Line, Path } from 'react-native-svg';
import { Label } from '@/drawing/joint/annotate';
import { useTokens } from '@/ui/theme';
import { LevelAxis } from './LevelAxis';
import { linePath, type PointXY } from './linePath';
import { Marker } from './Marker';

const HEIGHT = 210;
const PAD = { left: 56, right: 16, top: 18, bottom: 30 } as const;

/** A curve over one axis, in the person's own units. */
export interface LinePicture {
  readonly kind: 'line';
  readonly title: string;
  readonly x: { readonly unit: string };
  readonly y: { readonly unit: string };
  readonly lines: readonly { readonly name: string; readonly points: readonly PointXY[] }[];
  readonly marks: readonly { readonly at: PointXY; readonly text: string }[];
}

/** Words of a mark stand where the curve does not run: above a rising one on its left, below it near the edge; the other way for a falling one. */
function besideMark({ x, y, width, rises }: { x: number; y: number; width: number; rises: boolean }) {
  const left = { x: x - 10, anchor: 'end' as const };
  const right = { x: x + 10, anchor: 'start' as const };
  const [above, below] = [Math.max(PAD.top + 8, y - 10), Math.min(HEIGHT - PAD.bottom - 6, y + 24)];
  const roomLeft = x > width * 0.42;
  if (rises) return roomLeft ? { ...left, y: above } : { ...right, y: below };
  return roomLeft ? { ...left, y: below } : { ...right, y: above };
}

/** One or two curves with the points that were asked for. */
export function LineChart({ picture, width }: { picture: LinePicture; width: number }) {
  const t = useTokens();
  const all = picture.lines.flatMap((line) => line.points);
  const [xs, ys] = [all.map(([x]) => x), all.map(([, y]) => y)];
  const x = scaleLinear([Math.min(...xs), Math.max(...xs)], [PAD.left, width - PAD.right]);
  const y = scaleLinear([Math.min(0, ...ys), Math.max(...ys)], [HEIGHT - PAD.bottom, PAD.top]).nice();
  const rises = (ys.at(-1) ?? 0) > (ys[0] ?? 0);
  return (
    <Svg width={width} height={HEIGHT} role="img" aria-label={`${picture.title}: ${picture.marks.map((m) => m.text).join(', ')}`}>
      <LevelAxis values={y.ticks(4)} y={y} textOf={String} from={PAD.left} to={width - PAD.right} mono />
      {x
        .ticks(width > 500 ? 8 : 4)
        .filter((value) => x(value) < width - 52)
        .map((value) => (
          <Label key={value} x={x(value)} y={HEIGHT - 8} text={String(value)} mono size={14} anchor="middle" color={t.ink2} />
        ))}
      <Label x={0} y={14} text={picture.y.unit} size={14} color={t.ink2} />
      <Label x={width} y={HEIGHT - 8} text={picture.x.unit} size={14} anchor="end" color={t.ink2} cutOut />
      <Line x1={PAD.left} y1={y(0)} x2={width - PAD.right} y2={y(0)} stroke={t.ink} strokeWidth={1.4} />
      {picture.lines.map((line, i) => (
        <Path
          key={line.name}
          d={linePath(line.points, x, y)}
          fill="none"
          stroke={t.copper}
          strokeWidth={3}
          strokeDasharray={i === 0 ? '' : '7 5'}
        />
      ))}
      {picture.marks.map(({ at: [px, py], text }) => (
        <G key={text}>
          <Marker x={x(px)} y={y(py)} color={t.copper} />
          <Label {...besideMark({ x: x(px), y: y(py), width, rises })} text={text} bold size={15} color={t.copper} cutOut />
        </G>
      ))}
    </Svg>
  );
}
