import { readingText } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, Line, Rect } from 'react-native-svg';
import { arrange } from '@/ui/arrange';
import { useIsWide, useTokens } from '@/ui/theme';
import { Mono, Words } from '@/ui/Words';
import type { MadeRow } from '@kesto/contract/wording';
import { WORDS } from './words';

const WIDTHS = { wide: 110, phone: 84 } as const;
const xOn = (width: number) => (ratio: number) => 6 + (Math.max(0, Math.min(2.4, ratio)) / 2.4) * (width - 12);

/** The plan as a tick, what was made as a dot, the allowed band as a bar. */
export function PlanAgainstMade({ rows }: { rows: readonly MadeRow[] }) {
  const t = useTokens();
  const width = useIsWide() ? WIDTHS.wide : WIDTHS.phone;
  const toX = xOn(width);
  return (
    <View>
      <View style={styles.row}>
        {['', 'plan', 'made', 'allowed'].map((word, i) => (
          <Words
            key={word}
            size={14}
            tone="ink2"
            style={{
              flex: i === 3 ? 0 : 1,
              width: i === 3 ? width : undefined,
              textAlign: i === 0 ? 'left' : i === 3 ? 'center' : 'right',
            }}
          >
            {word}
          </Words>
        ))}
      </View>
      {rows.map((row) => {
        const { ratio } = row.against;
        const inside = row.against.inside !== false;
        return (
          <View
            key={row.label}
            style={{ flexDirection: 'row', alignItems: 'center', borderTopWidth: 1, borderColor: t.rule, paddingVertical: 6, gap: 6 }}
          >
            <Words size={15} style={arrange.fill}>
              {row.label}
            </Words>
            <Mono size={15} bold={false} style={arrange.fillRight}>
              {row.plan ? readingText(row.plan) : '–'}
            </Mono>
            <Mono size={15} tone={inside ? 'ink' : 'amber'} style={arrange.fillRight}>
              {row.made ? readingText(row.made) : '–'}
            </Mono>
            <Svg width={width} height={20} role="img" aria-label={inside ? WORDS.insideWhatIsAllowed : WORDS.outsideWhatIsAllowed}>
              <Line x1={4} y1={10} x2={width - 4} y2={10} stroke={t.rule} strokeWidth={1.5} />
              <Rect
                x={toX(row.band.least)}
                y={4}
                width={toX(row.band.most) - toX(row.band.least)}
                height={12}
                fill={t.tealWash}
                stroke={t.teal}
                strokeWidth={1.4}
              />
              <Line x1={toX(1)} y1={1} x2={toX(1)} y2={19} stroke={t.ink} strokeWidth={2.2} />
              {ratio === null ? null : (
                <Circle cx={toX(ratio)} cy={10} r={5} fill={inside ? t.copper : t.amber} stroke={t.paper} strokeWidth={1.5} />
              )}
            </Svg>
          </View>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 6 },
});
