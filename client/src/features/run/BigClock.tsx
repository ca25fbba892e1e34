import { StyleSheet, View } from 'react-native';
import { Mono, Words, type Tone } from '@/ui/Words';
import { clockText } from './clock';

interface BigClockProps {
  readonly seconds: number;
  readonly tone: Tone;
  readonly says: string;
  readonly below: string;
}

/** Time at the torch: read from a metre away. */
export function BigClock({ seconds, tone, says, below }: BigClockProps) {
  return (
    <View style={styles.row} role="timer" aria-label={`${clockText(seconds)} ${says}`}>
      <Mono size={72} tone={tone} style={styles.figure}>
        {clockText(seconds)}
      </Mono>
      <View style={styles.says}>
        <Words size={17} bold>
          {says}
        </Words>
        <Words size={15} tone="ink2">
          {below}
        </Words>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 12, flexWrap: 'wrap' },
  figure: { letterSpacing: -4 },
  says: { flex: 1, minWidth: 130 },
});
