import { View } from 'react-native';
import { useTokens } from './theme';
import { Mono } from './Words';

/** A key of the keyboard, drawn as one. */
export function KeyBox({ text, minWidth }: { text: string; minWidth: number }) {
  const t = useTokens();
  return (
    <View
      style={{
        borderWidth: 1.5,
        borderColor: t.ink,
        borderRadius: 5,
        minWidth,
        height: 26,
        paddingHorizontal: 6,
        alignItems: 'center',
        justifyContent: 'center',
      }}
    >
      <Mono size={15}>{text}</Mono>
    </View>
  );
}
