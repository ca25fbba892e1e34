import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { useTokens } from './theme';
import { TOUCH } from './tokens';

interface PickRowProps {
  readonly chosen: boolean;
  readonly disabled?: boolean;
  readonly onPress: () => void;
  readonly children: ReactNode;
}

/** One of several lines of which one is chosen: a copper edge marks it. */
export function PickRow({ chosen, disabled = false, onPress, children }: PickRowProps) {
  const t = useTokens();
  return (
    <TouchableRipple
      role="radio"
      aria-checked={chosen}
      aria-disabled={disabled}
      disabled={disabled}
      onPress={onPress}
      style={[
        styles.rule,
        { borderColor: t.rule, borderLeftColor: chosen ? t.copper : 'transparent' },
        chosen && { backgroundColor: t.panel },
      ]}
    >
      <View style={styles.row}>{children}</View>
    </TouchableRipple>
  );
}

const styles = StyleSheet.create({
  rule: { borderBottomWidth: 1, borderLeftWidth: 5 },
  row: { minHeight: TOUCH, flexDirection: 'row', gap: 12, padding: 8 },
});
