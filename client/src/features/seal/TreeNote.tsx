import { StyleSheet, View } from 'react-native';
import { FlagLine } from '@/ui/Flag';
import { useSeenTree } from './useSeenTree';

/** Over every sheet: that the shop's records are not those this device saw. */
export function TreeNote({ shop }: { shop: string }) {
  const wrong = useSeenTree(shop);
  return wrong ? (
    <View style={styles.note} role="alert">
      <FlagLine stop letter="!" text={wrong} />
    </View>
  ) : null;
}

const styles = StyleSheet.create({ note: { padding: 12 } });
