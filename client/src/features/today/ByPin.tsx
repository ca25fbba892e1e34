import { format } from 'date-fns/format';
import { StyleSheet, View } from 'react-native';
import type { useUnseenOverrulings } from '@/data/dayPins/useUnseenOverrulings';
import { FrameKey } from '@/ui/Buttons';
import { Flag } from '@/ui/Flag';
import { Words } from '@/ui/Words';
import { Row } from './Row';
import { WORDS } from './words';

/** What was overruled in a lead's name by the PIN of the day: they see each of it. */
export function ByPin({ unseen, see }: ReturnType<typeof useUnseenOverrulings>) {
  return unseen.map(({ entry, job, at, phoneOf, values }) => {
    const which = WORDS.inYourName(job.number, format(new Date(at), 'd MMM HH:mm'));
    return (
      <View key={entry}>
        <Row label={WORDS.byPin} mark={<Flag letter="!" />} href={`/jobs/${job.id}/safe`}>
          <Words bold>{which}</Words>
          <Words size={15}>{WORDS.overruledOn(phoneOf, values.reason)}</Words>
        </Row>
        <View style={styles.byPin}>
          <FrameKey quiet label={WORDS.seen} says={`${WORDS.seen}: ${which}`} onPress={() => see(entry)} />
        </View>
      </View>
    );
  });
}

const styles = StyleSheet.create({
  byPin: { paddingLeft: 88, paddingBottom: 12, alignItems: 'flex-start' },
});
