import { formatTemperatureDifference, readingText } from '@kesto/core/unit';
import { scaleLinear } from 'd3-scale';
import { View } from 'react-native';
import Svg, { Circle, Line, Rect } from 'react-native-svg';
import { Label } from '@/drawing/joint/annotate';
import { useUnits } from '@/session/units';
import { useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { WORDS } from '../words';
import type { ChargeWeighWork } from './useChargeWeigh';

const HEIGHT = 62;
const MOST_K = 12;

/** Subcooling as it was read, in its window. */
export function TrimBar({ weigh, width }: { weigh: ChargeWeighWork; width: number }) {
  const t = useTokens();
  const units = useUnits();
  const { found, usual, isSettled } = weigh;
  if (!found || found.subcoolingK === null || !usual) return null;
  const window = usual.subcoolingK;
  const x = scaleLinear([0, Math.max(MOST_K, found.subcoolingK + 1)], [8, width - 8]).clamp(true);
  const says = readingText(formatTemperatureDifference(found.subcoolingK, units));
  const span = (k: number) => formatTemperatureDifference(k, units).value;
  const inside = found.subcoolingK >= window.min && found.subcoolingK <= window.max;
  return (
    <View>
      <Words size={15}>
        <Words size={15} bold>
          {WORDS.trimBy}
        </Words>
        {` · ${WORDS.window(span(window.min), readingText(formatTemperatureDifference(window.max, units)))}`}
      </Words>
      <Svg width={width} height={HEIGHT} role="img" aria-label={says}>
        <Rect x={x(0)} y={10} width={x.range()[1] ?? width - 16} height={16} fill="none" stroke={t.rule} strokeWidth={1} />
        <Rect
          x={x(window.min)}
          y={10}
          width={x(window.max) - x(window.min)}
          height={16}
          fill={t.tealWash}
          stroke={t.teal}
          strokeWidth={1.4}
        />
        {[0, 2, 4, 6, 8, 10].map((k) => (
          <Label key={k} x={x(k)} y={46} text={span(k)} mono size={14} anchor="middle" color={t.ink2} />
        ))}
        <Line x1={x(window.min)} y1={6} x2={x(window.min)} y2={30} stroke={t.teal} strokeWidth={2} />
        <Circle
          cx={x(found.subcoolingK)}
          cy={18}
          r={7}
          fill={isSettled ? (inside ? t.teal : t.copper) : 'none'}
          stroke={inside ? t.teal : t.copper}
          strokeWidth={2.4}
          {...(isSettled ? {} : { strokeDasharray: '3 3' })}
        />
      </Svg>
    </View>
  );
}
