import { Circle, ClipPath, Defs, G, Line, Path, Rect } from 'react-native-svg';
import { useTokens } from '@/ui/theme';
import { Label } from './annotate';

interface MagnifierProps {
  readonly id: string;
  readonly x: number;
  readonly y: number;
  readonly r: number;
  /** Pixels a millimetre of gap takes under the glass. */
  readonly gapPx: number;
  readonly maleFill: string;
  readonly femaleFill: string;
  readonly target: readonly [number, number];
  readonly cold: string;
  readonly hot: string;
  readonly unit: string;
  readonly times: number;
  readonly wide: boolean;
}

/** The cup's mouth under a glass: the gap to scale with the times it is magnified. */
export function Magnifier(m: MagnifierProps) {
  const t = useTokens();
  const mouth = m.x + m.r * 0.12;
  const surface = m.y + m.r * 0.34;
  const lip = surface - m.gapPx;
  const z = m.r * 0.52;
  return (
    <G>
      <Line x1={m.x + m.r * 0.9} y1={m.y + m.r * 0.45} x2={m.target[0]} y2={m.target[1]} stroke={t.ink} strokeWidth={1} />
      <Circle cx={m.target[0]} cy={m.target[1]} r={9} fill="none" stroke={t.ink} strokeWidth={1.4} />
      <Defs>
        <ClipPath id={m.id}>
          <Circle cx={m.x} cy={m.y} r={m.r} />
        </ClipPath>
      </Defs>
      <Circle cx={m.x} cy={m.y} r={m.r} fill={t.paper} />
      <G clipPath={`url(#${m.id})`}>
        <Rect x={m.x - m.r} y={surface} width={2 * m.r} height={m.r} fill={m.maleFill} stroke={t.ink} strokeWidth={1.2} />
        <Rect x={mouth} y={m.y - m.r} width={m.r} height={lip - m.y + m.r} fill={m.femaleFill} stroke={t.ink} strokeWidth={1.2} />
        <Rect x={mouth} y={lip} width={m.r} height={m.gapPx} fill={t.metals.filler.fill} />
        <Path
          d={`M${mouth - z} ${surface} Q${mouth - z * 0.2} ${surface - z * 0.2} ${mouth} ${lip - z * 0.9} V${surface} Z`}
          fill={t.metals.filler.fill}
          stroke={t.ink}
          strokeWidth={1.2}
        />
      </G>
      <Circle cx={m.x} cy={m.y} r={m.r} fill="none" stroke={t.ink} strokeWidth={1.6} />
      {m.wide ? (
        <G>
          <Label x={m.x + m.r + 12} y={m.y - m.r * 0.42} text={`gap, ${m.unit} (× ${m.times})`} color={t.ink2} size={14} />
          <Label x={m.x + m.r + 12} y={m.y - m.r * 0.02} text={`${m.cold} cold`} mono bold size={16} />
          <Label x={m.x + m.r + 12} y={m.y + m.r * 0.36} text={`${m.hot} hot`} mono bold size={16} color={t.copper} />
        </G>
      ) : (
        <Label x={m.x + m.r + 6} y={m.y - m.r * 0.5} text={`× ${m.times}`} color={t.ink2} size={14} />
      )}
    </G>
  );
}
