import { useEffect } from 'react';
import { isFocusHeld } from './sheetFocus';

/** One key of a wide screen: what is pressed, what it does, in words. */
export interface KeyBinding {
  /** As `KeyboardEvent.key`, with `ctrl+` before it where that is held. */
  readonly key: string;
  readonly says: string;
  readonly run: () => void;
}

const isTyping = (target: EventTarget | null) =>
  typeof HTMLElement !== 'undefined' && target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName);

/** `[` or `ctrl+z` of an event; the command key of other keyboards counts as ctrl. */
export const nameOfKey = (event: Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey'>) =>
  `${event.ctrlKey || event.metaKey ? 'ctrl+' : ''}${event.key.length === 1 ? event.key.toLowerCase() : event.key}`;

/** Listens while the screen is open; letters typed into a field are letters. */
export function useKeys(bindings: readonly KeyBinding[]): void {
  useEffect(() => {
    if (typeof window === 'undefined' || typeof window.addEventListener !== 'function') return;
    const listen = (event: KeyboardEvent) => {
      // Enter on a button is that button's.
      const taken = event.key === 'Enter' && event.target !== document.body;
      if (taken || isTyping(event.target) || event.altKey || isFocusHeld()) return;
      const binding = bindings.find((b) => b.key === nameOfKey(event));
      if (!binding) return;
      event.preventDefault();
      binding.run();
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  });
}
