import { useEffect, useRef, type RefObject } from 'react';
import type { View } from 'react-native';

const CAN_HAVE_FOCUS = 'a[href], button, input, textarea, select, [tabindex="0"]';
const isWeb = typeof document !== 'undefined';
const holding: HTMLElement[] = [];

/** Whether a sheet that holds the focus lies over the screen: no key acts behind it. */
export const isFocusHeld = (): boolean => holding.length > 0;

const inside = (sheet: HTMLElement): readonly HTMLElement[] =>
  [...sheet.querySelectorAll<HTMLElement>(CAN_HAVE_FOCUS)].filter((element) => element.getAttribute('aria-disabled') !== 'true');

/** Tab goes round within the sheet. */
function goRound(event: KeyboardEvent, sheet: HTMLElement): void {
  const all = inside(sheet);
  const [first, last] = [all[0], all.at(-1)];
  const from = document.activeElement;
  const leaves = !sheet.contains(from) || (event.shiftKey ? from === first : from === last);
  if (!leaves || !first) return;
  event.preventDefault();
  (event.shiftKey ? last : first)?.focus();
}

function give(focus: Element | null): void {
  if (focus instanceof HTMLElement && focus.isConnected) focus.focus();
}

interface Opened {
  readonly isOpen: boolean;
  /** What Escape does. */
  readonly onClose?: (() => void) | undefined;
  /** It lies over everything: Tab stays in it, and its first field has the focus. */
  readonly holds: boolean;
}

/** A sheet that opens takes the focus; Escape closes it; whatever had the focus before has it again. */
export function useSheetFocus({ isOpen, onClose, holds }: Opened): RefObject<View | null> {
  const ref = useRef<View>(null);
  const close = useRef(onClose);
  useEffect(() => {
    close.current = onClose;
  });
  useEffect(() => {
    const sheet = ref.current as unknown as HTMLElement | null; // cast: on the web a view is its element
    if (!isOpen || !isWeb || !sheet?.querySelectorAll) return;
    const before = document.activeElement;
    if (holds) {
      holding.push(sheet);
      (sheet.querySelector<HTMLElement>('input, textarea') ?? inside(sheet)[0])?.focus();
    } else {
      // The sheet itself, not its first field: on a phone that would bring up the keyboard.
      sheet.tabIndex = -1;
      sheet.focus({ preventScroll: true });
    }
    const listen = (event: KeyboardEvent) => {
      const onTop = holding.at(-1);
      if (holds ? onTop !== sheet : onTop !== undefined) return;
      if (event.key === 'Tab' && holds) goRound(event, sheet);
      if (event.key === 'Escape' && close.current) {
        event.stopPropagation();
        close.current();
      }
    };
    document.addEventListener('keydown', listen, true);
    return () => {
      document.removeEventListener('keydown', listen, true);
      if (holds) holding.splice(holding.indexOf(sheet), 1);
      give(before);
    };
  }, [isOpen, holds]);
  return ref;
}
