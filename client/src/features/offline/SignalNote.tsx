import { format } from 'date-fns/format';
import { isToday } from 'date-fns/isToday';
import { StyleSheet, View } from 'react-native';
import { useSelector } from 'react-redux';
import type { RootState } from '@/store/store';
import { FrameKey } from '@/ui/Buttons';
import { useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { takeNewer } from './worker';
import { WORDS } from './words';

const whenText = (at: Date) => format(at, isToday(at) ? 'HH:mm' : 'd MMM HH:mm');

/** Says that what is shown was fetched earlier, and offers a newer release; nothing is changed under anybody's hands. */
export function SignalNote() {
  const t = useTokens();
  const { asOf, newer } = useSelector((state: RootState) => state.signal);
  return (
    <>
      {asOf === null ? null : (
        <View role="status" style={[styles.strip, { backgroundColor: t.amberWash }]}>
          <Words size={15} tone="amber">
            {`No signal: shown as of ${whenText(new Date(asOf))}. What you enter is kept here and sent when there is one.`}
          </Words>
        </View>
      )}
      {newer ? (
        <View role="status" style={[styles.strip, styles.row, { backgroundColor: t.amberWash }]}>
          <View style={styles.said}>
            <Words size={15} tone="amber">
              {WORDS.aNewerKestoIsHere}
            </Words>
          </View>
          <FrameKey label={WORDS.reload} onPress={takeNewer} />
        </View>
      ) : null}
    </>
  );
}

const styles = StyleSheet.create({
  strip: { paddingHorizontal: 16, paddingVertical: 6 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 12 },
  said: { flex: 1 },
});
