import { scaleLog } from 'd3-scale';
import { useId, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Defs, Line, Path, Pattern, Rect } from 'react-native-svg';
import { useTokens } from '@/ui/theme';

const HEIGHT = 26;

interface SeenBarProps {
  /** Its ends [g a year]. */
  readonly axis: readonly [number, number];
  readonly seen: number | null;
  readonly lookedFor: number | null;
  readonly isTight?: boolean;
  readonly isLeak?: boolean;
}

/** What a look can see, on a log axis: hatched where it is blind, filled where it sees; the leak looked for is a dashed red line. */
export function SeenBar({ axis, seen, lookedFor, isTight = false, isLeak = false }: SeenBarProps) {
  const t = useTokens();
  const [width, setWidth] = useState(300);
  const hatch = `blind${useId().replace(/\W/g, '')}`;
  const x = scaleLog(axis, [0, width]).clamp(true);
  const edge = seen === null ? width : x(seen);
  const sees = isLeak ? t.red : t.teal;
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width || 300)} style={styles.bar}>
      <Svg width={width} height={HEIGHT} aria-hidden>
        <Defs>
          <Pattern id={hatch} width={9} height={9} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <Line x1={0} y1={0} x2={0} y2={9} stroke={t.rule} strokeWidth={2} />
          </Pattern>
        </Defs>
        <Rect x={0.75} y={3} width={Math.max(0, edge - 0.75)} height={HEIGHT - 6} fill={`url(#${hatch})`} stroke={t.rule} strokeWidth={1} />
        <Rect
          x={edge}
          y={3}
          width={Math.max(0, width - edge - 1)}
          height={HEIGHT - 6}
          fill={sees}
          fillOpacity={isTight || isLeak ? 1 : 0.16}
          stroke={sees}
          strokeWidth={1.5}
        />
        {lookedFor !== null && lookedFor > 0 ? (
          <Path d={`M${x(lookedFor)} 0 V${HEIGHT}`} stroke={t.red} strokeWidth={2.5} strokeDasharray="5 3" />
        ) : null}
      </Svg>
    </View>
  );
}

const styles = StyleSheet.create({
  bar: { height: HEIGHT },
});
