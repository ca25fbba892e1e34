import { StyleSheet, View } from 'react-native';
import { useTokens } from '@/ui/theme';

/** What is meant on a photo: its place in the entry, and where, as shares of width and height. */
export interface PhotoMark {
  readonly photo: number;
  readonly x: number;
  readonly y: number;
}

const RADIUS = 18;

/** A ring round what is meant. */
export function MarkRing({ mark, size }: { mark: PhotoMark; size: { readonly width: number; readonly height: number } }) {
  const t = useTokens();
  return (
    <View
      style={[
        styles.ring,
        { borderColor: t.red, left: mark.x * size.width - RADIUS, top: mark.y * size.height - RADIUS, outlineColor: t.paper },
      ]}
    />
  );
}

const styles = StyleSheet.create({
  ring: {
    position: 'absolute',
    width: 2 * RADIUS,
    height: 2 * RADIUS,
    borderRadius: RADIUS,
    borderWidth: 3,
    outlineWidth: 1,
    outlineStyle: 'solid',
    pointerEvents: 'none',
  },
});
