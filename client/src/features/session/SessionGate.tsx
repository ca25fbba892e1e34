import { useLayoutEffect, type ReactNode } from 'react';
import { Failed, Loading, WholePage } from '@/ui/states';
import { errorText } from '@/api/api';
import { useMeQuery } from '@/api/sessionApi';
import { endEarly } from './early';
import { SignedIn } from './SignedIn';
import { SignInScreen } from './SignInScreen';
import { useTabs } from './useTabs';

const isSignedOut = (error: unknown) => typeof error === 'object' && error !== null && 'status' in error && error.status === 401;

/** Shows the sign-in until somebody is known; keeps what is open when a session ends later. */
export function SessionGate({ children }: { children: ReactNode }) {
  const me = useMeQuery();
  useTabs();
  const isTakenOver = me.data !== undefined || isSignedOut(me.error);
  const isSettled = isTakenOver || me.error !== undefined;
  useLayoutEffect(() => {
    if (isSettled) endEarly({ isTakenOver });
  }, [isSettled, isTakenOver]);
  if (me.data) return <SignedIn me={me.data}>{children}</SignedIn>;
  if (isSignedOut(me.error)) return <SignInScreen />;
  return (
    <WholePage>
      {me.error ? <Failed message={errorText(me.error)} onRetry={() => void me.refetch()} /> : <Loading what="your shop" />}
    </WholePage>
  );
}
