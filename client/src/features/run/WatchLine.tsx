import type { JobView } from '@kesto/contract';
import { watchOf } from '@kesto/core';
import { format } from 'date-fns/format';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useStage } from '@/data/stages/useStage';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { Words } from '@/ui/Words';
import { WORDS } from './words';

/** Until when somebody watches, and the way to hand it over. */
export function WatchLine({ job }: { job: JobView }) {
  const router = useRouter();
  const { facts, lastFlame } = useStage(job, 'make-safe');
  const watch = watchOf(facts, lastFlame);
  if (!watch || watch.endedAt !== null) return null;
  return (
    <View style={arrange.stack6}>
      <Words size={15}>{WORDS.fireWatchByUntil(watch.by, format(new Date(watch.endsAt), 'HH:mm'))}</Words>
      <FrameKey quiet label={WORDS.somebodyElseStays} onPress={() => router.push(`/jobs/${job.id}/safe`)} />
    </View>
  );
}
