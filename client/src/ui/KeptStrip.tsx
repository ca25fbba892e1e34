import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { KEPT_LABELS, keptWords } from './keptWords';
import { useStation } from './station';
import { useTokens } from './theme';
import { TOUCH } from './tokens';
import { Words } from './Words';

/** Phones have no title block: what the server does not have yet is said above the keys, once it has waited. */
export function KeptStrip() {
  const t = useTokens();
  const router = useRouter();
  const kept = useStation()?.kept;
  if (!kept || kept.status === 'stored' || kept.status === 'sending') return null;
  const refused = kept.status === 'refused';
  return (
    <TouchableRipple role="link" onPress={() => router.push('/kept')} style={{ borderTopWidth: 1, borderColor: t.rule }}>
      <View style={styles.strip}>
        <Words size={15} bold tone={refused ? 'red' : 'amber'}>
          {keptWords(kept)}
        </Words>
        <Words size={15} tone="ink2">
          {KEPT_LABELS[kept.status]}
        </Words>
      </View>
    </TouchableRipple>
  );
}

const styles = StyleSheet.create({
  strip: { minHeight: TOUCH, flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center', paddingHorizontal: 16 },
});
