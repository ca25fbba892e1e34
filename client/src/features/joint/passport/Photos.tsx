import { Image, StyleSheet, View } from 'react-native';
import { addressOf } from '@/api/call';
import { useTokens } from '@/ui/theme';
import { WORDS } from './words';

/** What was photographed at the joint. */
export function Photos({ hashes }: { hashes: readonly string[] }) {
  const t = useTokens();
  return (
    <View style={styles.row}>
      {hashes.map((sha256, i) => (
        <Image
          key={sha256}
          source={{ uri: addressOf('getPhoto', { sha256 }) }}
          accessibilityLabel={WORDS.photo(i + 1, hashes.length)}
          style={[styles.photo, { borderColor: t.rule }]}
        />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 10, flexWrap: 'wrap' },
  photo: { width: 150, height: 112, borderWidth: 1 },
});
