import { TEST_GASES, type TestGas } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import { Choice } from '@/ui/Buttons';
import { FlagLine } from '@/ui/Flag';
import { Words } from '@/ui/Words';
import { GAS_WORDS, WORDS } from '../words';

/** What is let in: one of the test gases, or what somebody has at hand and may not use. */
export type PickedGas = TestGas | 'other';

const OPTIONS = [...TEST_GASES, 'other' as const].map((value) => ({ value, label: GAS_WORDS[value].label }));

/** With what gas: what may not be let in is named before anybody opens it. */
export function GasChoice({ gas, onChoose }: { gas: PickedGas; onChoose: (gas: PickedGas) => void }) {
  const { says } = GAS_WORDS[gas];
  return (
    <View style={styles.all}>
      <Choice label={WORDS.gas} value={gas} options={OPTIONS} onChange={onChoose} />
      {gas === 'other' ? (
        <FlagLine stop letter="!" text={says} />
      ) : (
        <Words size={14} tone="ink2">
          {says}
        </Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ all: { gap: 6 } });
