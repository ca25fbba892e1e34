import { drawnName, leakText } from '@kesto/contract/wording';
import { lastHold, type CircuitGraph, type StageFact } from '@kesto/core';
import { formatYearlyLoss, readingText } from '@kesto/core/unit';
import { StyleSheet, View } from 'react-native';
import { sectionName } from '@/data/stages/sections';
import { useUnits } from '@/session/units';
import { FlagLine } from '@/ui/Flag';
import { WORDS } from './words';

/** A hold that leaked: which section, and how large, is known before anybody looks again. */
export function HeldLeaking({ facts, graph }: { facts: readonly StageFact[]; graph: CircuitGraph | null }) {
  const units = useUnits();
  const last = lastHold(facts);
  const values = last?.ended?.values;
  if (!last || values?.verdict !== 'leaking' || values.leakPaM3S === null) return null;
  const name = graph ? sectionName(graph, last.began.values.parts, (id) => drawnName(graph, id)) : WORDS.theSection;
  const size =
    values.gramsPerYear === null ? leakText(values.leakPaM3S) : readingText(formatYearlyLoss(values.gramsPerYear / 1000, units, 2));
  return (
    <View style={styles.all}>
      <FlagLine letter="h" text={WORDS.heldLeaking(name, size)} />
    </View>
  );
}

const styles = StyleSheet.create({ all: { paddingVertical: 4 } });
