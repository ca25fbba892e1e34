import { useRouter, type Href } from 'expo-router';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Opens } from '@/ui/Opens';
import { useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';

interface RowProps {
  readonly label: string;
  readonly mark?: ReactNode;
  readonly href?: Href;
  readonly children: ReactNode;
}

/** A line of the day: what it is on the left, where it leads when it is touched. */
export function Row({ label, mark, href, children }: RowProps) {
  const t = useTokens();
  const router = useRouter();
  return (
    <Opens role="link" onPress={href ? () => router.push(href) : null}>
      <View style={[styles.row, { borderColor: t.rule }]}>
        <View style={styles.label}>
          <Words size={15} bold>
            {label}
          </Words>
          {mark}
        </View>
        <View style={styles.says}>{children}</View>
      </View>
    </Opens>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 12, paddingVertical: 12, borderTopWidth: 1, minHeight: 64 },
  label: { width: 76, gap: 6 },
  says: { flex: 1, gap: 2 },
});
