import { clockText } from '@kesto/contract/wording';
import { onTurn } from '@kesto/core';
import { useRef } from 'react';
import { View } from 'react-native';
import { Gesture, GestureDetector } from 'react-native-gesture-handler';
import { stepKeys } from '@/ui/stepKeys';
import { degAt, DIAL, onDial } from './dial';

interface DialHandleProps {
  readonly label: string;
  readonly deg: number;
  /** Pixels to one of the dial's own. */
  readonly scale: number;
  readonly onMove: (deg: number) => void;
  readonly testID: string;
}

const SIZE = 48;
const STEP = 5;

/** One end of a flaw: dragged round the dial, or stepped by the arrow keys. */
export function DialHandle({ label, deg, scale, onMove, testID }: DialHandleProps) {
  const [x, y] = onDial(deg, DIAL.handles);
  const from = useRef([x, y] as const);
  // The recogniser calls these when it is dragged, never while this is drawn.
  /* eslint-disable react-hooks/refs */
  const drag = Gesture.Pan()
    .withTestId(testID)
    .minDistance(0)
    .onBegin(() => void (from.current = [x, y]))
    .onUpdate(({ translationX, translationY }) =>
      onMove(degAt([from.current[0] + translationX / scale, from.current[1] + translationY / scale])),
    );
  /* eslint-enable react-hooks/refs */
  return (
    <GestureDetector gesture={drag} userSelect="none" touchAction="none">
      <View
        role="slider"
        tabIndex={0}
        aria-label={label}
        aria-valuenow={deg}
        aria-valuemin={0}
        aria-valuemax={355}
        aria-valuetext={`${clockText(deg)} o’clock`}
        testID={testID}
        {...{ onKeyDown: stepKeys((by) => onMove(onTurn(deg + by * STEP))) }}
        style={{
          position: 'absolute',
          left: x * scale - SIZE / 2,
          top: y * scale - SIZE / 2,
          width: SIZE,
          height: SIZE,
          borderRadius: SIZE / 2,
          cursor: 'grab' as never,
        }} // cast: the page knows more of them than the types
      />
    </GestureDetector>
  );
}
