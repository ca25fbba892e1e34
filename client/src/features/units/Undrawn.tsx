import type { UnitKind } from '@kesto/contract';
import { UNIT_KIND_WORDS } from '@kesto/contract/wording';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Words } from '@/ui/Words';

/** The sign of a machine's kind, where its own circuit is not drawn. */
export function Undrawn({ kind, children }: { kind: UnitKind; children: ReactNode }) {
  return (
    <View style={styles.undrawn}>
      {children}
      <Words size={14} tone="ink2">
        {UNIT_KIND_WORDS[kind]}, as machines of its kind are: its own circuit is not drawn yet.
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  undrawn: { alignItems: 'center', gap: 6 },
});
