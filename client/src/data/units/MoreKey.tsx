import { StyleSheet, View } from 'react-native';
import { FrameKey } from '@/ui/Buttons';
import type { More } from './api';

const LABELS = {
  machines: { more: 'More machines', fetching: 'Fetching more machines' },
  sites: { more: 'More sites', fetching: 'Fetching more sites' },
} as const;

interface MoreKeyProps {
  readonly more: More;
  readonly of: keyof typeof LABELS;
  /** It stands in a row with other keys, not under a list. */
  readonly beside?: boolean;
}

/** The next page of a list, where there is one. */
export function MoreKey({ more, of, beside = false }: MoreKeyProps) {
  if (!more) return null;
  const label = more.isFetching ? LABELS[of].fetching : LABELS[of].more;
  return (
    <View style={beside ? null : styles.key}>
      <FrameKey label={label} disabled={more.isFetching} onPress={more.fetch} />
    </View>
  );
}

const styles = StyleSheet.create({ key: { alignItems: 'flex-start', paddingVertical: 8 } });
