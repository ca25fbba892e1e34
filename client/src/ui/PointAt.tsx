import type { ReactNode } from 'react';
import { Pressable, type GestureResponderEvent } from 'react-native';

interface PointAtProps {
  readonly says: string;
  readonly size: { readonly width: number; readonly height: number };
  /** Where it was touched, as shares of width and height; by the keyboard, its middle. */
  readonly onPoint: (x: number, y: number) => void;
  readonly children: ReactNode;
}

/** A page says it as the offset within what was touched. */
type Touch = Partial<Pick<GestureResponderEvent['nativeEvent'], 'locationX' | 'locationY'>> & {
  readonly offsetX?: number;
  readonly offsetY?: number;
};

const share = (pixels: number, of: number): number => Math.round(Math.min(1, Math.max(0, pixels / of)) * 100) / 100;

/** A picture at which something is pointed out. */
export function PointAt({ says, size, onPoint, children }: PointAtProps) {
  return (
    <Pressable
      role="button"
      aria-label={says}
      onPress={({ nativeEvent }) => {
        const touch = nativeEvent as Touch; // cast: of a page or a device
        const [x, y] = [touch.locationX ?? touch.offsetX, touch.locationY ?? touch.offsetY];
        onPoint(share(x ?? size.width / 2, size.width), share(y ?? size.height / 2, size.height));
      }}
    >
      {children}
    </Pressable>
  );
}
