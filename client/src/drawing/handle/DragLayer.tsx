import { useRef, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { Gesture, GestureDetector, PointerType } from 'react-native-gesture-handler';

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

/** A drawing whose parts are dragged with a mouse or a pen; a finger scrolls the page, and taps. What is drawn stands still meanwhile. */
export function DragLayer({ pick, onDrop, ghost, testID, children }: DragLayerProps) {
  const picked = useRef<string | null>(null);
  const dropped = useRef(false);
  const [held, setHeld] = useState<(At & { readonly id: string }) | null>(null);
  const follow = ({ x, y }: At) => (picked.current === null ? undefined : setHeld({ x, y, id: picked.current }));
  const drop = ({ x, y }: At) => {
    if (picked.current === null) return;
    // The click that ends a drag is none; whatever is pressed after it is.
    dropped.current = true;
    setTimeout(() => (dropped.current = false), 0);
    onDrop(picked.current, { x, y });
  };
  // The recogniser calls these when something is dragged, never while this is drawn.
  /* eslint-disable react-hooks/refs */
  const drag = Gesture.Pan()
    .withTestId(testID)
    .minDistance(TREMBLE_PX)
    .onBegin(({ x, y, pointerType }) => (picked.current = pointerType === PointerType.TOUCH ? null : pick({ x, y })))
    .onUpdate(follow)
    .onEnd(drop)
    .onFinalize(() => {
      picked.current = null;
      setHeld(null);
    });
  /* eslint-enable react-hooks/refs */
  return (
    <GestureDetector gesture={drag} userSelect="none" touchAction="auto">
      <View
        testID={testID}
        style={{ width: '100%', ...(held ? { cursor: 'grabbing' as never /* cast: the page knows more of them than the types */ } : {}) }}
      >
        <div onClickCapture={(event) => (dropped.current ? event.stopPropagation() : undefined)}>{children}</div>
        {held ? (
          <View
            style={{
              position: 'absolute',
              left: 0,
              top: 0,
              transform: [{ translateX: held.x }, { translateY: held.y }],
              pointerEvents: 'none',
            }}
          >
            {ghost(held.id)}
          </View>
        ) : null}
      </View>
    </GestureDetector>
  );
}
