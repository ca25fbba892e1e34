import { StyleSheet, View } from 'react-native';
import Svg, { Path, Text as SvgText } from 'react-native-svg';
import { arrange } from './arrange';
import { useTokens } from './theme';
import { READINGS } from './tokens';
import { Words } from './Words';

/** A lettered flag: the same letter stands on the drawing at the place it concerns. */
export function Flag({ letter, stop = false, size = 26 }: { letter: string; stop?: boolean; size?: number }) {
  const t = useTokens();
  return (
    <Svg width={size} height={size} viewBox="0 0 26 26" aria-hidden>
      <Path d="M2 2 H24 V17 L13 24 L2 17 Z" fill={stop ? t.redWash : t.amberWash} stroke={stop ? t.red : t.amber} strokeWidth={2} />
      <SvgText x={13} y={16} textAnchor="middle" fontSize={14} fontWeight="700" fontFamily={READINGS} fill={stop ? t.red : t.amber}>
        {letter}
      </SvgText>
    </Svg>
  );
}

interface FlagLineProps {
  readonly letter: string;
  readonly text: string;
  readonly stop?: boolean;
  /** When it matters and who has the last word, in a smaller hand. */
  readonly below?: string;
}

/** A caution with its flag; a stop carries the word. */
export function FlagLine({ letter, text, stop = false, below }: FlagLineProps) {
  return (
    <View style={styles.line}>
      <Flag letter={letter} stop={stop} />
      <View style={arrange.fill}>
        <Words size={15}>
          {stop ? (
            <Words size={15} bold tone="red">
              Stop.{' '}
            </Words>
          ) : null}
          {text}
        </Words>
        {below ? (
          <Words size={14} tone="ink2">
            {below}
          </Words>
        ) : null}
      </View>
    </View>
  );
}

export const letterOf = (index: number) => String.fromCharCode(97 + (index % 26));

const styles = StyleSheet.create({
  line: { flexDirection: 'row', gap: 10, alignItems: 'flex-start', paddingVertical: 4 },
});
