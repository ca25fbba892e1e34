import { Pressable, StyleSheet, View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { useTokens } from './theme';
import { Mono, Words, type Size, type Tone } from './Words';

export interface ReadingProps {
  readonly label: string;
  readonly value: string;
  readonly unit?: string;
  readonly note?: string;
  readonly assumed?: boolean;
  readonly size?: Size;
  readonly tone?: Tone;
  /** Opens the working behind the number; shown as a folded corner. */
  readonly onOpen?: (() => void) | undefined;
  readonly testID?: string;
}

/** One number of a plan: label, figure, unit lighter, one short line under it; its corner folds back onto the working. */
export function Reading({ label, value, unit, note, assumed = false, size = 24, tone = 'ink', onOpen, testID }: ReadingProps) {
  const t = useTokens();
  const content = (
    <View style={styles.reading}>
      <Words size={14} tone="ink2" numberOfLines={1} style={styles.label}>
        {label}
        {assumed ? ' *' : ''}
      </Words>
      <View style={styles.figure}>
        <Mono size={size} tone={tone} testID={testID}>
          {value}
        </Mono>
        {unit ? (
          <Words size={15} tone="ink2">
            {unit}
          </Words>
        ) : null}
      </View>
      {note ? (
        <Words size={14} tone="ink2">
          {note}
        </Words>
      ) : null}
      {onOpen ? <Fold color={t.copper} /> : null}
    </View>
  );
  if (!onOpen) return content;
  return (
    <Pressable role="button" aria-label={`${label} ${value} ${unit ?? ''}, show the working`} onPress={onOpen} style={styles.key}>
      {content}
    </Pressable>
  );
}

function Fold({ color }: { color: string }) {
  return (
    <Svg width={14} height={14} viewBox="0 0 14 14" aria-hidden style={styles.fold}>
      <Path d="M0 0 H14 V14 Z" fill={color} />
    </Svg>
  );
}

const styles = StyleSheet.create({
  reading: { paddingVertical: 4 },
  label: { paddingRight: 18 },
  figure: { flexDirection: 'row', alignItems: 'baseline', gap: 5 },
  key: { minHeight: 48 },
  fold: { position: 'absolute', right: 0, top: 4 },
});
