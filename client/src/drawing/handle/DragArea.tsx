import type { ReactNode } from 'react';
import { View, type ViewStyle } from 'react-native';
import { Gesture, GestureDetector } from 'react-native-gesture-handler';
import { stepKeys } from '@/ui/stepKeys';

/** Where the finger is: how far it went since it took hold, and where that is within the area. Pixels. */
export interface Dragged {
  readonly dx: number;
  readonly y: number;
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
  readonly cursor: 'ew-resize' | 'crosshair';
  readonly style: ViewStyle;
  readonly children: ReactNode;
}

/** Something on a drawing that is dragged with finger or mouse and stepped with the arrow keys. */
export function DragArea({ label, orientation, value, min, max, text, onTake, onDrag, onLetGo, onStep, ...rest }: DragAreaProps) {
  const { testID, cursor, style, children } = rest;
  const drag = Gesture.Pan()
    .withTestId(testID)
    .minDistance(0)
    .onBegin(({ y }) => onTake({ dx: 0, y }))
    .onUpdate(({ translationX, y }) => onDrag({ dx: translationX, y }))
    .onFinalize(() => onLetGo?.());
  // What slides sideways keeps the finger to itself; along what stands upright the finger still scrolls the page.
  return (
    <GestureDetector gesture={drag} userSelect="none" touchAction={orientation === 'vertical' ? 'manipulation' : 'none'}>
      <View
        role="slider"
        tabIndex={0}
        aria-label={label}
        aria-valuenow={value}
        aria-valuemin={min}
        aria-valuemax={max}
        aria-valuetext={text}
        testID={testID}
        {...{ 'aria-orientation': orientation, onKeyDown: stepKeys(onStep, orientation === 'vertical') }}
        style={[{ position: 'absolute', cursor: cursor as never }, style]} // cast: the page knows more of them than the types
      >
        {children}
      </View>
    </GestureDetector>
  );
}
