import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useDispatch } from 'react-redux';
import { decide, type Line } from '@/outbox';
import type { AppDispatch } from '@/store/store';
import { arrange } from '@/ui/arrange';
import { Choice, FrameKey } from '@/ui/Buttons';
import { Words } from '@/ui/Words';
import { placeOf, saidOn } from './keptText';
import { WORDS } from './words';

/** What two people changed, line by line: whoever wrote this says which of the two stands. What only one of them changed is taken over already. */
export function BothLines({ id, lines }: { id: string; lines: readonly Line[] }) {
  const dispatch = useDispatch<AppDispatch>();
  const [theirs, setTheirs] = useState<readonly boolean[]>(() => lines.map(() => true));
  return (
    <View style={styles.lines}>
      {lines.map((line, i) => (
        <View key={placeOf(line)} style={arrange.stack4}>
          <Words size={15} bold>
            {placeOf(line)}
          </Words>
          <Choice
            label={placeOf(line)}
            value={theirs[i] ? 'theirs' : 'mine'}
            onChange={(side) => setTheirs(theirs.map((now, at) => (at === i ? side === 'theirs' : now)))}
            options={[
              { value: 'mine', label: WORDS.yours(saidOn(line.mine)) },
              { value: 'theirs', label: WORDS.stands(saidOn(line.theirs)) },
            ]}
          />
        </View>
      ))}
      <View style={arrange.row}>
        <FrameKey label={WORDS.keepItSo} onPress={() => void dispatch(decide(id, theirs))} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  lines: { gap: 10, paddingVertical: 6 },
});
