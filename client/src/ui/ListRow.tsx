import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { useTokens } from './theme';
import { TOUCH } from './tokens';

/** One line of a list that opens something, with a rule under it. */
export function ListRow({ onPress, children }: { onPress: () => void; children: ReactNode }) {
  const t = useTokens();
  return (
    <TouchableRipple role="button" onPress={onPress} style={{ borderBottomWidth: 1, borderColor: t.rule }}>
      <View style={styles.row}>{children}</View>
    </TouchableRipple>
  );
}

const styles = StyleSheet.create({ row: { minHeight: TOUCH, flexDirection: 'row', gap: 10, alignItems: 'center' } });
