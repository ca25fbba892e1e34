import { useSortable } from '@dnd-kit/sortable';
import { useCallback, useEffect, useState } from 'react';
import type { View, ViewStyle } from 'react-native';

/** On the web a view is the element it is drawn as. */
const elementOf = (view: View | null) => view as unknown as HTMLElement | null; // cast: react-native-web's own

/** One row of a list that is dragged by its handle; the arrows beside it do the same by keys. */
export function useDrag(id: string, disabled: boolean) {
  const { setNodeRef, setActivatorNodeRef, listeners, transform, transition, isDragging } = useSortable({ id, disabled });
  const [held, setHeld] = useState<HTMLElement | null>(null);
  const row = useCallback((view: View | null) => setNodeRef(elementOf(view)), [setNodeRef]);
  const handle = useCallback(
    (view: View | null) => {
      setHeld(elementOf(view));
      setActivatorNodeRef(elementOf(view));
    },
    [setActivatorNodeRef],
  );
  const down = listeners?.['onPointerDown'];
  useEffect(() => {
    if (!held?.addEventListener) return;
    // The page does not scroll under a handle that is dragged.
    held.style.setProperty('touch-action', 'none');
    held.style.setProperty('cursor', 'grab');
    const begin = (event: PointerEvent) => down?.({ nativeEvent: event, currentTarget: held });
    held.addEventListener('pointerdown', begin);
    return () => held.removeEventListener('pointerdown', begin);
  }, [held, down]);
  const style = {
    ...(transform ? { transform: [{ translateY: transform.y }] } : {}),
    ...(transition ? { transition } : {}),
    ...(isDragging ? { zIndex: 1, opacity: 0.85 } : {}),
  } as ViewStyle; // cast: the web's own transition
  return [row, handle, style] as const;
}
