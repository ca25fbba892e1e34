import { useEffect, useRef } from 'react';
import { sound, type Sound } from './alarm';

/** Sounds once when something becomes true; what was true when the screen opened is no news. */
export function useAlarm(isDue: boolean, which: Sound): void {
  const before = useRef(isDue);
  useEffect(() => {
    if (isDue && !before.current) sound(which);
    before.current = isDue;
  }, [isDue, which]);
}
