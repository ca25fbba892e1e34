import type { LiveSeries } from '@kesto/contract';
import { StyleSheet, View } from 'react-native';
import { useUnits } from '@/session/units';
import { FrameKey } from '@/ui/Buttons';
import { Ring } from '@/ui/Ring';
import { Words } from '@/ui/Words';
import { lastText } from './lastText';
import { WORDS } from './words';

interface JoinedRowProps {
  readonly series: LiveSeries;
  readonly isJudged: boolean;
  /** Null where nothing may be done with it. */
  readonly onEnd: (() => void) | null;
}

/** One instrument that joined: what it said last, how many samples of it are safe, and how it is let go. */
export function JoinedRow({ series, isJudged, onEnd }: JoinedRowProps) {
  const units = useUnits();
  const { instrument, factor, samples, isSilent, isEnded, disagreements, last } = series;
  const name = factor === null || factor === 1 ? instrument.name : WORDS.standIn(instrument.name, factor);
  const isQuiet = isSilent || isEnded;
  return (
    <View style={styles.row} role="listitem">
      <Ring state={isEnded ? 'done' : isSilent ? 'open' : 'running'} share={1} />
      <View style={styles.text}>
        <Words size={15} bold>
          {isJudged ? WORDS.judges(name) : name}
        </Words>
        {last.length > 0 && !isQuiet ? <Words size={15}>{lastText(last, units)}</Words> : null}
        <Words size={14} tone={isSilent && !isEnded ? 'amber' : 'ink2'}>
          {isEnded ? WORDS.ended(samples) : isSilent ? WORDS.silent(samples) : WORDS.samples(samples)}
        </Words>
        {disagreements > 0 ? (
          <Words size={14} tone="red">
            {WORDS.disagrees(disagreements)}
          </Words>
        ) : null}
      </View>
      {onEnd && !isEnded ? <FrameKey quiet label={WORDS.letGo} says={`${instrument.name}: ${WORDS.letGo}`} onPress={onEnd} /> : null}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 10, alignItems: 'center', minHeight: 48 },
  text: { flex: 1 },
});
