import { formatMass, readingText } from '@kesto/core/unit';
import Svg, { ClipPath, Defs, G, Line, Path, Rect } from 'react-native-svg';
import { Label } from '@/drawing/joint/annotate';
import { useUnits } from '@/session/units';
import { useTokens } from '@/ui/theme';
import { WORDS } from '../words';
import type { ChargeWeighWork, WeighedCylinder } from './useChargeWeigh';

const HEIGHT = 206;
/** A cylinder of this content is drawn full [kg]; a larger one to its own. */
const FULL_KG = 10;
const BODY = 'M0 14 Q0 0 14 0 H50 Q64 0 64 14 V96 Q64 112 48 116 H16 Q0 112 0 96 Z';

interface CylinderProps {
  readonly x: number;
  readonly y: number;
  readonly cylinder: WeighedCylinder;
  readonly isDown: boolean;
}

/** A cylinder, filled as far as it still holds; its valve down where liquid is drawn. */
function Cylinder({ x, y, cylinder, isDown }: CylinderProps) {
  const t = useTokens();
  const { leftKg, beforeKg, afterKg, name } = cylinder;
  const full = Math.max(FULL_KG, leftKg === null ? beforeKg : leftKg + (beforeKg - afterKg));
  const share = Math.min(1, (leftKg ?? afterKg) / full);
  const top = 116 - 112 * share;
  return (
    <G x={x} y={y}>
      <Defs>
        <ClipPath id={`in-${name}`}>
          <Path d={BODY} />
        </ClipPath>
      </Defs>
      <Path d={BODY} fill={t.paper} stroke={t.ink} strokeWidth={2} />
      <G clipPath={`url(#in-${name})`}>
        <Rect x={0} y={top} width={64} height={120} fill={t.tealWash} />
        {Array.from({ length: 14 }, (_, i) => top + 8 * (i + 1)).map((line) => (
          <Line key={line} x1={2} y1={line} x2={62} y2={line} stroke={t.teal} strokeWidth={1} />
        ))}
        <Line x1={0} y1={top} x2={64} y2={top} stroke={t.teal} strokeWidth={2} />
      </G>
      {isDown ? (
        <Path d="M26 116 V126 H38 V116 M22 126 H42 V132 H22 Z" fill={t.ink} />
      ) : (
        <Path d="M26 0 V-10 H38 V0 M22 -10 H42 V-16 H22 Z" fill={t.ink} />
      )}
    </G>
  );
}

/** Cylinders as they were weighed, the last on the scale, drawn to the liquid port. */
export function ScaleDrawing({ weigh, width }: { weigh: ChargeWeighWork; width: number }) {
  const t = useTokens();
  const units = useUnits();
  const { cylinders, asLiquid } = weigh;
  const last = cylinders.at(-1);
  const before = cylinders.at(-2);
  if (!last) return null;
  const mass = (kg: number) => readingText(formatMass(kg, units)).split(' (')[0] ?? '';
  const scaleX = before ? 130 : 40;
  const portX = Math.min(width, scaleX + 260);
  return (
    <Svg width={width} height={HEIGHT} role="img" aria-label={`${last.name}: ${mass(last.afterKg)}`}>
      {before ? (
        <>
          <Cylinder x={14} y={30} cylinder={before} isDown={asLiquid} />
          <Label x={46} y={184} text={before.name} mono bold anchor="middle" />
          {before.leftKg === null ? null : (
            <Label x={46} y={202} text={`${WORDS.heel} ${mass(before.leftKg)}`} size={14} anchor="middle" color={t.ink2} />
          )}
        </>
      ) : null}
      <Cylinder x={scaleX} y={16} cylinder={last} isDown={asLiquid} />
      <Path d={`M${scaleX - 14} 152 H${scaleX + 78} L${scaleX + 86} 184 H${scaleX - 22} Z`} fill={t.paper} stroke={t.ink} strokeWidth={2} />
      <Rect x={scaleX - 20} y={148} width={104} height={6} fill={t.ink} />
      <Label x={scaleX + 32} y={175} text={mass(last.afterKg)} mono bold anchor="middle" size={15} />
      <Path
        d={asLiquid ? `M${scaleX + 42} 140 H${scaleX + 110} V92 H${portX - 60}` : `M${scaleX + 42} 4 H${scaleX + 110} V92 H${portX - 60}`}
        fill="none"
        stroke={t.teal}
        strokeWidth={8}
        strokeLinejoin="round"
      />
      <Path d={`M${portX - 60} 84 V100 L${portX - 40} 84 V100 Z`} fill={t.paper} stroke={t.ink} strokeWidth={1.6} />
      <Line x1={portX - 40} y1={92} x2={portX} y2={92} stroke={t.metals.copper.fill} strokeWidth={8} />
      <Label x={portX} y={120} text={WORDS.liquidPort} bold anchor="end" />
      <Label x={portX} y={138} text={asLiquid ? WORDS.asLiquid : WORDS.asGas} size={14} color={t.ink2} anchor="end" />
      <Label x={portX} y={24} text={WORDS.stillHas(last.name)} size={14} color={t.ink2} anchor="end" cutOut />
      <Label x={portX} y={46} text={last.leftKg === null ? '–' : mass(last.leftKg)} mono bold anchor="end" size={17} cutOut />
    </Svg>
  );
}
