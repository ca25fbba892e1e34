import type { ReactNode } from 'react';
import { View } from 'react-native';
import { useTokens } from '@/ui/theme';
import { Failed, Loading } from '@/ui/states';
import { errorText } from '@/api/api';
import { useMeQuery } from './api';
import { SignedIn } from './SignedIn';
import { SignInScreen } from './SignInScreen';

const isSignedOut = (error: unknown) => typeof error === 'object' && error !== null && 'status' in error && error.status === 401;

/** Shows the sign-in until somebody is known; keeps what is open when a session ends later. */
export function SessionGate({ children }: { children: ReactNode }) {
  const t = useTokens();
  const me = useMeQuery();
  if (me.data) return <SignedIn me={me.data}>{children}</SignedIn>;
  if (isSignedOut(me.error)) return <SignInScreen />;
  return (
    <View role="main" style={{ flex: 1, backgroundColor: t.paper, justifyContent: 'center', padding: 24 }}>
      {me.error ? <Failed message={errorText(me.error)} onRetry={() => void me.refetch()} /> : <Loading what="your shop" />}
    </View>
  );
}
