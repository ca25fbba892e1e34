import { RODS, type FillerFamily, type Rod, MM_PER_INCH } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, Rect } from 'react-native-svg';
import { useTokens } from '@/ui/theme';

/** Pixels a millimetre of rod takes. */
const SCALE = 9;
const SIZE = 44;
const INCH_MM = MM_PER_INCH;

/** A rod's end, to scale beside every other rod of the list. */
export function RodSection({ rod, family }: { rod: Rod; family: FillerFamily }) {
  const t = useTokens();
  const fill = family === 'copper-phosphorus' ? t.metals.copper.fill : t.metals.filler.fill;
  const line = { fill, stroke: t.ink, strokeWidth: 1.4 };
  const flat = rod === 'flat-0.050x1/8';
  const diameter = typeof rod === 'string' && !flat ? Math.sqrt((RODS[rod].areaM2 * 4) / Math.PI) * 1000 : 2;
  const [width, height] = [(INCH_MM / 8) * SCALE, 0.05 * INCH_MM * SCALE];
  return (
    <View style={styles.section}>
      <Svg width={SIZE} height={SIZE} aria-hidden>
        {flat ? (
          <Rect x={(SIZE - width) / 2} y={(SIZE - height) / 2} width={width} height={height} {...line} />
        ) : (
          <Circle cx={SIZE / 2} cy={SIZE / 2} r={(diameter / 2) * SCALE} {...line} />
        )}
      </Svg>
    </View>
  );
}

const styles = StyleSheet.create({
  section: { width: SIZE },
});
