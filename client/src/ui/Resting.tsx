import { useIsFocused } from 'expo-router';
import { useEffect, useState, type ReactElement } from 'react';
import { Freeze } from 'react-freeze';

/**
 * A screen that lies under another one rests: it stays as it was left, and is drawn anew when it is seen again. It first hears that nobody
 * looks at it any more, so that its keys and its timers are let go.
 */
export function Resting({ children }: { readonly children: ReactElement }) {
  const isSeen = useIsFocused();
  const [hasHeard, setHasHeard] = useState(false);
  useEffect(() => {
    const next = setTimeout(() => setHasHeard(!isSeen));
    return () => clearTimeout(next);
  }, [isSeen]);
  return <Freeze freeze={!isSeen && hasHeard}>{children}</Freeze>;
}
