import type { JobView } from '@kesto/contract';
import { BEND_WORDS } from '@kesto/contract/wording';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { bendsHref } from '@/data/stages/stageHref';
import { FrameKey } from '@/ui/Buttons';
import { Words } from '@/ui/Words';
import { useBends } from './useBends';
import { WORDS } from './words';

/** On the job: what bends it, and where that is said. */
export function BendsKey({ job }: { job: JobView }) {
  const router = useRouter();
  const { bends, work } = useBends(job);
  if (bends.length === 0 && (!work.mayMake || job.done)) return null;
  return (
    <View style={styles.all}>
      {bends.map(({ bend, open, points }) => (
        <Words key={bend} size={15} bold tone={open === 0 ? 'ink' : 'amber'}>
          {`${BEND_WORDS[bend].name}: ${WORDS.left(open, points.length)}`}
        </Words>
      ))}
      <FrameKey quiet={bends.length === 0} label={WORDS.key(bends.length)} onPress={() => router.push(bendsHref(job.id))} />
    </View>
  );
}

const styles = StyleSheet.create({ all: { gap: 6 } });
