import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import Svg, { Path, Rect } from 'react-native-svg';
import { arrange } from './arrange';
import { useTokens } from './theme';
import { TOUCH } from './tokens';
import { Words } from './Words';

/** Something that is so, or is not: a box with a tick, and its sentence. */
export function CheckRow({ label, checked, onChange }: { label: string; checked: boolean; onChange: (checked: boolean) => void }) {
  const t = useTokens();
  return (
    <TouchableRipple role="checkbox" aria-checked={checked} aria-label={label} onPress={() => onChange(!checked)}>
      <View style={styles.row}>
        <Svg width={24} height={24} viewBox="0 0 24 24" aria-hidden style={styles.box}>
          <Rect x={2} y={2} width={20} height={20} rx={3} fill={checked ? t.ink : 'none'} stroke={t.ink} strokeWidth={2} />
          {checked ? <Path d="M6 12 l4.5 5 L18.5 7" fill="none" stroke={t.paper} strokeWidth={3} /> : null}
        </Svg>
        <Words size={15} bold={checked} style={arrange.shrink}>
          {label}
        </Words>
      </View>
    </TouchableRipple>
  );
}

const styles = StyleSheet.create({
  row: { minHeight: TOUCH, flexDirection: 'row', gap: 10, alignItems: 'center', paddingRight: 8 },
  box: { flexShrink: 0 },
});
