import type { UnitKind } from '@kesto/contract';
import { UNIT_KIND_WORDS } from '@kesto/contract/wording';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Words } from '@/ui/Words';
import { WORDS } from './words';

/** The sign of a machine's kind, where its own circuit is not drawn. */
export function Undrawn({ kind, children }: { kind: UnitKind; children: ReactNode }) {
  return (
    <View style={styles.undrawn}>
      {children}
      <Words size={14} tone="ink2">
        {WORDS.asMachinesOfItsKind(UNIT_KIND_WORDS[kind])}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  undrawn: { alignItems: 'center', gap: 6 },
});
