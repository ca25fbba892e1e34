import { useEffect, useLayoutEffect } from 'react';
import { endDayPicture } from '@/state/dayPicture';
import { AFTER_OWN_WORK_MS } from '@/state/ownWork';

/** The day takes the place of the picture the page opened with, and is kept as the next one's. */
export function useDayPicture({ data, error }: { readonly data?: unknown; readonly error?: unknown }): void {
  const isSettled = data !== undefined || error !== undefined;
  useLayoutEffect(() => {
    if (isSettled) endDayPicture();
  }, [isSettled]);
  useEffect(() => endDayPicture, []);
  useEffect(() => {
    if (data === undefined) return undefined;
    const keep = () => void import('./keepPicture').then(({ keepPicture }) => keepPicture() && clearInterval(tries)).catch(() => undefined);
    const tries = setInterval(keep, AFTER_OWN_WORK_MS);
    return () => clearInterval(tries);
  }, [data]);
}
