import { formatDuration, formatVacuum, readingText } from '@kesto/core/unit';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Path } from 'react-native-svg';
import { linePath } from '@/chart/linePath';
import { Label } from '@/drawing/joint/annotate';
import { useUnits } from '@/session/units';
import { useIsWide, useTokens } from '@/ui/theme';
import { Mono, Words } from '@/ui/Words';
import { LogChart } from '../LogChart';
import { WORDS } from '../words';
import type { PlanCurve } from './curves';

const NAMES: Readonly<Record<PlanCurve['name'], string>> = { chosen: WORDS.asChosen, 'cores-out': WORDS.coresOut, wide: WORDS.wide };
const DASHES: Readonly<Record<PlanCurve['name'], string>> = { chosen: '', 'cores-out': '8 5', wide: '2 5' };
const HEIGHT = 220;
const LEAST_PA = 10;

const timeText = (seconds: number | null) => (seconds === null ? WORDS.never : readingText(formatDuration(Math.max(seconds, 1))));

/** What cores out and wider hoses buy: the way down of a dry circuit, and the minutes it takes. */
export function WhatIf({ curves }: { curves: readonly PlanCurve[] }) {
  const t = useTokens();
  const units = useUnits();
  const wide = useIsWide();
  const [width, setWidth] = useState(358);
  const endS = Math.max(20, ...curves.map(({ points }) => points.at(-1)?.seconds ?? 0)) * 1.05;
  const colorOf = (name: PlanCurve['name']) => (name === 'chosen' ? t.copper : t.teal);
  const step = endS > 90 ? Math.ceil(endS / 300) * 60 : endS > 40 ? 15 : 5;
  const ticks = Array.from({ length: Math.floor(endS / step) + 1 }, (_, i) => ({
    seconds: i * step,
    text: endS > 90 ? String((i * step) / 60) : String(i * step),
  }));
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width || width)}>
      <Words size={15} tone="ink2">{`${WORDS.reaches}, ${endS > 90 ? 'min' : 's'}`}</Words>
      <LogChart width={width} height={HEIGHT} endS={endS} leastPa={LEAST_PA} says={WORDS.reaches} ticks={ticks}>
        {({ x, y, right, top }) => (
          <>
            {curves.map(({ name, points }) => (
              <Path
                key={name}
                d={linePath(
                  points.map(({ seconds, pa }) => [seconds, pa] as const),
                  x,
                  y,
                )}
                fill="none"
                stroke={colorOf(name)}
                strokeWidth={name === 'chosen' ? 3 : 2}
                strokeDasharray={DASHES[name]}
              />
            ))}
            {curves.map(({ name }, i) => (
              <Label key={name} x={right} y={top + 14 + 20 * i} text={NAMES[name]} bold anchor="end" color={colorOf(name)} cutOut />
            ))}
          </>
        )}
      </LogChart>
      <View style={styles.table}>
        {curves.map(({ name, times }) => (
          <View key={name} style={[styles.row, { borderColor: t.hair }]}>
            <Words size={15} bold={name === 'chosen'} style={wide ? styles.beside : styles.name}>
              {NAMES[name]}
            </Words>
            {times.map(({ pa, seconds }) => (
              <View key={pa} style={styles.cell}>
                <Words size={14} tone="ink2">
                  {WORDS.to(readingText(formatVacuum(pa, units)))}
                </Words>
                <Mono size={17}>{timeText(seconds)}</Mono>
              </View>
            ))}
          </View>
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  table: { marginTop: 4 },
  row: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 14, rowGap: 2, borderTopWidth: 1, paddingVertical: 6, alignItems: 'baseline' },
  name: { flexBasis: '100%' },
  beside: { width: 180 },
  cell: { minWidth: 96 },
});
