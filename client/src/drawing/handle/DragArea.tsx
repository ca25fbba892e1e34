import { useRef, type CSSProperties, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';

/** Where the pointer is: how far it went since it took hold, and where that is within the area. */
export interface Dragged {
  readonly dx: number;
  readonly dy: number;
  readonly within: () => { readonly x: number; readonly y: number };
}

interface DragAreaProps {
  readonly label: string;
  readonly orientation: 'horizontal' | 'vertical';
  readonly value: number;
  readonly min: number;
  readonly max: number;
  /** What the value means, read aloud. */
  readonly text: string;
  readonly onTake: (dragged: Dragged) => void;
  readonly onDrag: (dragged: Dragged) => void;
  readonly onLetGo?: () => void;
  /** One step by the arrow keys, up and right are 1. */
  readonly onStep: (by: 1 | -1) => void;
  readonly testID: string;
  readonly style: CSSProperties;
  readonly children: ReactNode;
}

const KEYS: Readonly<Record<string, { readonly by: 1 | -1; readonly alsoLevel: boolean }>> = {
  ArrowUp: { by: 1, alsoLevel: true },
  ArrowDown: { by: -1, alsoLevel: true },
  ArrowRight: { by: 1, alsoLevel: false },
  ArrowLeft: { by: -1, alsoLevel: false },
};

/** Something on a drawing that is dragged with finger or mouse and stepped with the arrow keys. The one place that hears the page's own pointers. */
export function DragArea({ label, orientation, value, min, max, text, onTake, onDrag, onLetGo, onStep, ...rest }: DragAreaProps) {
  const from = useRef<{ readonly x: number; readonly y: number } | null>(null);
  const dragged = ({ clientX, clientY, currentTarget }: PointerEvent<HTMLDivElement>): Dragged => {
    const start = from.current ?? { x: clientX, y: clientY };
    const within = () => {
      const box = currentTarget.getBoundingClientRect();
      return { x: clientX - box.left, y: clientY - box.top };
    };
    return { dx: clientX - start.x, dy: clientY - start.y, within };
  };
  const take = (event: PointerEvent<HTMLDivElement>) => {
    // No text is selected while it is dragged; the focus that would have come with it is given by hand.
    event.preventDefault();
    event.currentTarget.focus();
    event.currentTarget.setPointerCapture(event.pointerId);
    from.current = { x: event.clientX, y: event.clientY };
    onTake(dragged(event));
  };
  const letGo = () => {
    from.current = null;
    onLetGo?.();
  };
  const step = (event: KeyboardEvent<HTMLDivElement>) => {
    const key = KEYS[event.key];
    if (!key || (orientation === 'vertical' && !key.alsoLevel)) return;
    event.preventDefault();
    onStep(key.by);
  };
  const { testID, style, children } = rest;
  return (
    <div
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-orientation={orientation}
      aria-valuenow={value}
      aria-valuemin={min}
      aria-valuemax={max}
      aria-valuetext={text}
      data-testid={testID}
      onPointerDown={take}
      onPointerMove={(event) => (from.current ? onDrag(dragged(event)) : undefined)}
      onPointerUp={letGo}
      onPointerCancel={letGo}
      onKeyDown={step}
      style={{ position: 'absolute', userSelect: 'none', ...style }}
    >
      {children}
    </div>
  );
}
