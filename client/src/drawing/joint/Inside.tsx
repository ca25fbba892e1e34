import { G, Path, Rect } from 'react-native-svg';
import { useTokens } from '@/ui/theme';
import { bodyMiddle, isSteel, type SectionJoint } from '@kesto/core/section';

/** What sits in a component's body: a ball with its seats and stem, or a drier's core. */
export function Inside({
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
  const middle = toX(bodyMiddle(joint));
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
