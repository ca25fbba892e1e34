import { StyleSheet, View } from 'react-native';
import { Opens, type OpensProps } from './Opens';
import { useTokens } from './theme';
import { TOUCH } from './tokens';

/** One line of a list that opens something, with a rule under it. */
export function ListRow({ style, children, ...opens }: OpensProps) {
  const t = useTokens();
  return (
    <Opens {...opens} style={[styles.rule, { borderColor: t.rule }, style]}>
      <View style={styles.row}>{children}</View>
    </Opens>
  );
}

const styles = StyleSheet.create({
  rule: { borderBottomWidth: 1 },
  row: { minHeight: TOUCH, flexDirection: 'row', gap: 12, alignItems: 'center', paddingVertical: 4 },
});
