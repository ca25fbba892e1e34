import { activateKeepAwakeAsync, useKeepAwake } from 'expo-keep-awake';
import { useEffect } from 'react';

const TAG = 'at-the-torch';

/** Keeps the screen awake while a joint is made; a browser lets go of it whenever the page is hidden. Without TLS no browser offers it. */
export function useScreenAwake(): void {
  useKeepAwake(TAG, { suppressDeactivateWarnings: true });
  useEffect(() => {
    if (typeof document === 'undefined') return;
    const again = () => {
      if (document.visibilityState === 'visible') activateKeepAwakeAsync(TAG).catch(() => undefined);
    };
    document.addEventListener('visibilitychange', again);
    return () => document.removeEventListener('visibilitychange', again);
  }, []);
}
