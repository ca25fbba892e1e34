import { CIRCUIT_TEMPLATE_WORDS } from '@kesto/contract/wording';
import { CIRCUIT_TEMPLATES, TEMPLATE_CIRCUITS, type CircuitGraph } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import { CircuitDrawing } from '@/drawing/circuit/CircuitDrawing';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { ChoiceCard } from '@/ui/ChoiceCard';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from './words';

/** A circuit to begin from: the nearest kind, then edited. */
export function TemplatePicker({ onPick }: { onPick: (graph: CircuitGraph) => void }) {
  const units = useUnits();
  return (
    <View style={arrange.stack10}>
      <Heading size={20}>{WORDS.whatIsItLike}</Heading>
      <Words size={15} tone="ink2">
        {WORDS.pickTheNearest}
      </Words>
      <View style={styles.kinds}>
        {CIRCUIT_TEMPLATES.map((name) => (
          <ChoiceCard
            key={name}
            says={CIRCUIT_TEMPLATE_WORDS[name]}
            width={{ likes: 260, most: 420 }}
            onPress={() => onPick(TEMPLATE_CIRCUITS[name])}
          >
            <View style={arrange.stack6}>
              <CircuitDrawing graph={TEMPLATE_CIRCUITS[name]} upright={false} units={units} />
              <Words bold size={15}>
                {CIRCUIT_TEMPLATE_WORDS[name]}
              </Words>
            </View>
          </ChoiceCard>
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  kinds: { flexDirection: 'row', flexWrap: 'wrap', gap: 10 },
});
