import { useRef, useState, type PointerEvent, type ReactNode } from 'react';

interface At {
  readonly x: number;
  readonly y: number;
}

interface DragLayerProps {
  /** What lies there and can be dragged; pixels within the layer. */
  readonly pick: (at: At) => string | null;
  readonly onDrop: (id: string, at: At) => void;
  /** What is dragged, as it follows the pointer. */
  readonly ghost: (id: string) => ReactNode;
  readonly testID: string;
  readonly children: ReactNode;
}

/** A click that trembles is no drag. */
const TREMBLE_PX = 6;

const within = ({ clientX, clientY, currentTarget }: PointerEvent<HTMLDivElement>): At => {
  const box = currentTarget.getBoundingClientRect();
  return { x: clientX - box.left, y: clientY - box.top };
};

/** A drawing whose parts are dragged with a mouse or a pen; a finger scrolls the page, and taps. What is drawn stands still meanwhile. */
export function DragLayer({ pick, onDrop, ghost, testID, children }: DragLayerProps) {
  const from = useRef<(At & { readonly id: string }) | null>(null);
  const dropped = useRef(false);
  const [held, setHeld] = useState<(At & { readonly id: string }) | null>(null);
  const down = (event: PointerEvent<HTMLDivElement>) => {
    dropped.current = false;
    const at = within(event);
    const id = event.pointerType === 'touch' ? null : pick(at);
    from.current = id === null ? null : { ...at, id };
  };
  const move = (event: PointerEvent<HTMLDivElement>) => {
    const start = from.current;
    if (!start) return;
    const at = within(event);
    if (!held && Math.hypot(at.x - start.x, at.y - start.y) < TREMBLE_PX) return;
    if (!held) event.currentTarget.setPointerCapture(event.pointerId);
    setHeld({ ...at, id: start.id });
  };
  const up = (event: PointerEvent<HTMLDivElement>) => {
    if (held) {
      // The click that ends a drag is none; whatever is pressed after it is.
      dropped.current = true;
      setTimeout(() => (dropped.current = false), 0);
      onDrop(held.id, within(event));
    }
    from.current = null;
    setHeld(null);
  };
  const leave = () => {
    from.current = null;
    setHeld(null);
  };
  return (
    <div
      data-testid={testID}
      onPointerDown={down}
      onPointerMove={move}
      onPointerUp={up}
      onPointerCancel={leave}
      onClickCapture={(event) => (dropped.current ? event.stopPropagation() : undefined)}
      style={{ position: 'relative', width: '100%', userSelect: 'none', cursor: held ? 'grabbing' : undefined }}
    >
      {children}
      {held ? (
        <div style={{ position: 'absolute', left: 0, top: 0, transform: `translate(${held.x}px, ${held.y}px)`, pointerEvents: 'none' }}>
          {ghost(held.id)}
        </div>
      ) : null}
    </div>
  );
}
