import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { ChoiceCard } from '@/ui/ChoiceCard';
import { useTokens } from '@/ui/theme';
import { Mono, Words } from '@/ui/Words';
import { comparable, compareRows, MOST_COMPARED } from './compareRows';
import type { PlannerView } from '../usePlannerScreen';
import { WORDS } from '../words';

/** Up to three fillers side by side. */
export function FillerCompare({ view }: { view: PlannerView }) {
  const t = useTokens();
  const names = view.plan ? comparable(view.plan) : [];
  const [open, setOpen] = useState(false);
  const [picked, setPicked] = useState<readonly string[]>(names.slice(0, 2));
  if (names.length < 2) return null;
  if (!open) return <FrameKey label={WORDS.compareFillers} onPress={() => setOpen(true)} />;
  const shown = picked.filter((name) => names.includes(name));
  const toggle = (name: string) =>
    setPicked(shown.includes(name) ? shown.filter((n) => n !== name) : [...shown, name].slice(-MOST_COMPARED));
  return (
    <View style={{ gap: 8, borderTopWidth: 2, borderColor: t.copper, paddingTop: 8 }}>
      <Words size={15} bold>
        {WORDS.sideBySide}
      </Words>
      <View style={arrange.wrap6}>
        {names.map((name) => (
          <ChoiceCard key={name} many chosen={shown.includes(name)} onPress={() => toggle(name)}>
            <Mono size={15}>{name}</Mono>
          </ChoiceCard>
        ))}
      </View>
      <View>
        <Row label="" values={shown} strong />
        {compareRows(view.planner.draft, shown, view.around).map((row) => (
          <Row key={row.label} {...row} />
        ))}
      </View>
    </View>
  );
}

function Row({ label, values, strong = false }: { label: string; values: readonly string[]; strong?: boolean }) {
  const t = useTokens();
  return (
    <View style={{ flexDirection: 'row', gap: 8, paddingVertical: 6, borderBottomWidth: 1, borderColor: t.rule }}>
      <Words size={14} tone="ink2" style={styles.rowName}>
        {label}
      </Words>
      {values.map((value, i) => (
        <Words key={`${value}${i}`} size={14} bold={strong} style={arrange.fill}>
          {value}
        </Words>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  rowName: { width: 84 },
});
