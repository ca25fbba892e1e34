import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { ActivityIndicator } from 'react-native-paper';
import { FrameKey } from './Buttons';
import { useTokens } from './theme';
import { Words } from './Words';

export function Loading({ what }: { what: string }) {
  return (
    <View style={styles.loading} aria-live="polite">
      <ActivityIndicator aria-label={`loading ${what}`} />
      <Words tone="ink2">Fetching {what}</Words>
    </View>
  );
}

export function Empty({ title, text }: { title: string; text: string }) {
  const t = useTokens();
  return (
    <View style={{ paddingVertical: 16, gap: 4, borderTopWidth: 1, borderBottomWidth: 1, borderStyle: 'dashed', borderColor: t.rule }}>
      <Words bold>{title}</Words>
      <Words size={15} tone="ink2">
        {text}
      </Words>
    </View>
  );
}

/** What is wrong, what is kept, what to do. */
export function Failed({ message, onRetry }: { message: string; onRetry?: (() => void) | undefined }) {
  const t = useTokens();
  return (
    <View role="alert" style={{ padding: 16, gap: 10, borderLeftWidth: 6, borderColor: t.red, backgroundColor: t.redWash }}>
      <Words>{message}</Words>
      {onRetry ? <FrameKey label="Try again" onPress={onRetry} /> : null}
    </View>
  );
}

/** A page that has nothing to show yet but a state, on its own paper. */
export function WholePage({ children }: { children: ReactNode }) {
  const t = useTokens();
  return (
    <View role="main" style={{ flex: 1, justifyContent: 'center', padding: 24, gap: 12, backgroundColor: t.paper }}>
      {children}
    </View>
  );
}

const styles = StyleSheet.create({
  loading: { padding: 24, gap: 12, alignItems: 'center' },
});
