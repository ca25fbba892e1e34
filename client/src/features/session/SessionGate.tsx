import { useLayoutEffect, type ReactNode } from 'react';
import { Failed, Loading, WholePage } from '@/ui/states';
import { errorText } from '@/api/api';
import { useMeQuery } from '@/api/sessionApi';
import { endDayPicture } from '@/state/dayPicture';
import { endEarly } from './early';
import { SignedIn } from './SignedIn';
import { SignInScreen } from './SignInScreen';
import { useTabs } from './useTabs';
import { WORDS } from './words';

const isSignedOut = (error: unknown) => typeof error === 'object' && error !== null && 'status' in error && error.status === 401;

/** Shows the sign-in until somebody is known; keeps what is open when a session ends later. */
export function SessionGate({ children }: { children: ReactNode }) {
  const me = useMeQuery();
  useTabs();
  const isKnown = me.data !== undefined;
  const isTakenOver = isKnown || isSignedOut(me.error);
  const isSettled = isTakenOver || me.error !== undefined;
  useLayoutEffect(() => {
    if (isSettled) endEarly({ isTakenOver });
    if (isSettled && !isKnown) endDayPicture();
  }, [isSettled, isTakenOver, isKnown]);
  if (me.data) return <SignedIn me={me.data}>{children}</SignedIn>;
  if (isSignedOut(me.error)) return <SignInScreen />;
  return (
    <WholePage>
      {me.error ? <Failed message={errorText(me.error)} onRetry={() => void me.refetch()} /> : <Loading what={WORDS.yourShop} />}
    </WholePage>
  );
}
