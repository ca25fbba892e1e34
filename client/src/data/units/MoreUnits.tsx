import { StyleSheet, View } from 'react-native';
import { FrameKey } from '@/ui/Buttons';
import type { More } from './api';

/** The next page of machines, where there is one. */
export function MoreUnits({ more }: { readonly more: More }) {
  if (!more) return null;
  const { fetch, isFetching } = more;
  return (
    <View style={styles.key}>
      <FrameKey label={isFetching ? 'Fetching more machines' : 'More machines'} disabled={isFetching} onPress={fetch} />
    </View>
  );
}

const styles = StyleSheet.create({ key: { alignItems: 'flex-start', paddingVertical: 8 } });
