import { showIn, signsOf } from '@kesto/contract/wording';
import type { JointPlan } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, Line, Path, Rect } from 'react-native-svg';
import { useUnits } from '@/session/units';
import { useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';

type Look = 'cold' | 'right' | 'hot';

/** Tube into cup with what flux and rod do there. */
function Drawn({ look }: { look: Look }) {
  const t = useTokens();
  const { copper, brass, filler } = t.metals;
  return (
    <Svg width="100%" height={56} viewBox="0 0 110 56" aria-hidden>
      <Rect x={0} y={20} width={60} height={22} fill={copper.fill} stroke={t.ink} />
      <Rect x={56} y={12} width={54} height={38} fill={brass.fill} stroke={t.ink} />
      <Line x1={30} y1={2} x2={look === 'hot' ? 40 : 52} y2={look === 'hot' ? 10 : 18} stroke={filler.fill} strokeWidth={5} />
      {look === 'cold' ? (
        <>
          <Circle cx={52} cy={17} r={6} fill={filler.fill} stroke={t.ink} />
          {[44, 50, 46, 52].map((x, i) => (
            <Circle key={i} cx={x} cy={26 + i * 5} r={4} fill={t.paper} stroke={t.ink2} />
          ))}
        </>
      ) : null}
      {look === 'right' ? (
        <>
          <Path d="M46 20 Q54 19 56 12 V50 Q54 43 46 42 Z" fill={filler.fill} stroke={t.ink} />
          <Path d="M66 31 h26 m-7 -5 l7 5 l-7 5" stroke={t.teal} strokeWidth={3} fill="none" />
        </>
      ) : null}
      {look === 'hot' ? (
        <>
          <Path d="M42 26 l4 4 l-3 4 M50 34 l-4 4" stroke={t.ink} strokeWidth={4} fill="none" />
          <Path d="M48 44 q3 5 0 8 M54 44 q3 6 0 10" stroke={filler.fill} strokeWidth={4} fill="none" />
          <Path d="M76 10 q4 -4 0 -8 M86 10 q4 -4 0 -8 M96 10 q4 -4 0 -8" stroke={t.ink2} strokeWidth={2} fill="none" />
        </>
      ) : null}
    </Svg>
  );
}

/** What too cold, right and too hot look like on this joint, and what is done then. */
export function HowItLooks({ plan }: { plan: JointPlan }) {
  const t = useTokens();
  const signs = signsOf(plan, showIn(useUnits()));
  if (!signs) return null;
  const cards = [
    { look: 'cold', word: 'too cold', says: signs.cold, then: 'go on heating', tone: 'amber' },
    { look: 'right', word: 'right', says: signs.right, then: 'feed, all round', tone: 'teal' },
    { look: 'hot', word: 'too hot', says: signs.hot, then: 'flame away', tone: 'red' },
  ] as const;
  return (
    <View style={styles.row}>
      {cards.map(({ look, word, says, then, tone }) => (
        <View key={look} style={[styles.card, { borderColor: look === 'right' ? t.teal : t.rule, borderWidth: look === 'right' ? 2 : 1 }]}>
          <Drawn look={look} />
          <Words size={17} bold tone={tone}>
            {word}
          </Words>
          <Words size={14}>{says}</Words>
          <Words size={14} bold>
            {then}
          </Words>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 6 },
  card: { flex: 1, borderRadius: 5, padding: 6, gap: 2 },
});
