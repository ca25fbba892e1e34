import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { FrameKey } from '@/ui/Buttons';
import { Failed, Loading, WholePage } from '@/ui/states';
import { errorText, isAway } from './api';

interface FetchedProps<T extends object> {
  readonly query: { readonly data?: T | undefined; readonly error?: unknown; readonly refetch: () => unknown };
  readonly what: string;
  readonly children: (data: T) => ReactNode;
}

const NOT_HERE =
  'The server does not answer, and this was not fetched to this device before. Today’s jobs, their units, circuits and joints open without a signal. Missing:';

/** A screen that needs one thing: shows it once it is there; until then that it is being fetched, or why it is not. */
export function Fetched<T extends object>({ query, what, children }: FetchedProps<T>) {
  if (query.data !== undefined) return children(query.data);
  return (
    <WholePage>
      {query.error ? (
        <>
          <Failed message={isAway(query.error) ? `${NOT_HERE} ${what}.` : errorText(query.error)} onRetry={() => void query.refetch()} />
          <WayUp />
        </>
      ) : (
        <Loading what={what} />
      )}
    </WholePage>
  );
}

/** Nobody is left at an address without the way up. */
function WayUp() {
  const router = useRouter();
  return (
    <View style={styles.way}>
      <FrameKey label="Up to today" onPress={() => router.push('/')} />
    </View>
  );
}

const styles = StyleSheet.create({
  way: { paddingTop: 16 },
});
