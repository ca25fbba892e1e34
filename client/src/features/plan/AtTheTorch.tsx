import { flameWords, showIn, signsOf } from '@kesto/contract/wording';
import type { JointPlan, UnitPreferences } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { WORDS } from './words';

/** Where the flame goes, and what the eye sees when it is too cold, right and too hot. */
export function AtTheTorch({ plan, units }: { plan: JointPlan; units: UnitPreferences }) {
  const t = useTokens();
  const flame = flameWords(plan);
  const signs = signsOf(plan, showIn(units));
  if (!flame || !signs) return null;
  const rows = [
    { word: 'too cold', text: signs.cold, tone: 'ink2' },
    { word: 'right', text: signs.right, tone: 'teal' },
    { word: 'too hot', text: signs.hot, tone: 'red' },
  ] as const;
  return (
    <View style={{ borderTopWidth: 2, borderColor: t.copper, paddingTop: 8, gap: 3 }}>
      <Words size={15} bold>
        {WORDS.whereTheFlameGoes}
      </Words>
      {flame.steps.map((step) => (
        <Words key={step} size={15}>
          {step}
        </Words>
      ))}
      <Words size={14} tone="ink2">
        {flame.why}
      </Words>
      {rows.map(({ word, text, tone }) => (
        <View key={word} style={arrange.row8}>
          <Words size={15} bold tone={tone} style={styles.rowName}>
            {word}
          </Words>
          <Words size={15} style={arrange.fill}>
            {text}
          </Words>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  rowName: { width: 62 },
});
