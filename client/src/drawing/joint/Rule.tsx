import { LENGTH_UNITS, type UnitPreferences } from '@kesto/core/unit';
import { ticks } from 'd3-array';
import { G, Line } from 'react-native-svg';
import { useTokens } from '@/ui/theme';
import { Label } from './annotate';
import type { Frame } from './frame';

const STEPS = 8;
const MM_PER_INCH = LENGTH_UNITS.in * 1000;

/** A rule under the section, from the cup's mouth both ways, in the person's own unit. */
export function Rule({ place, units }: { place: Frame; units: UnitPreferences }) {
  const t = useTokens();
  const isMetric = units.length === 'metric';
  const unitMm = isMetric ? 1 : MM_PER_INCH;
  const marks = ticks(place.toMm(24) / unitMm, place.toMm(place.width - 40) / unitMm, STEPS);
  const y = place.height - 6;
  return (
    <G>
      {marks.map((value, i) => (
        <G key={value}>
          <Line x1={place.toX(value * unitMm)} y1={0} x2={place.toX(value * unitMm)} y2={y - 16} stroke={t.hair} strokeWidth={1} />
          <Label
            x={place.toX(value * unitMm)}
            y={y}
            text={`${String(value).replace('-', '−')}${i === marks.length - 1 ? (isMetric ? ' mm' : ' in') : ''}`}
            mono
            size={14}
            anchor="middle"
            color={t.ink2}
          />
        </G>
      ))}
    </G>
  );
}
