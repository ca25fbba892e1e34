import { TORCH_POINT_WORDS } from '@kesto/contract/wording';
import { TORCH_GOOD_MINUTES, type TorchPoint } from '@kesto/core';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { stageHref } from '@/data/stages/stageHref';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { FlagLine } from '@/ui/Flag';
import { WORDS } from './words';

/** What was read too long ago, or by somebody else, and the way to read it again. */
export function ReadAgain({ jobId, points }: { jobId: string; points: readonly TorchPoint[] }) {
  const router = useRouter();
  if (points.length === 0) return null;
  const names = points.map((point) => TORCH_POINT_WORDS[point].name).join(', ');
  return (
    <View role="alert" style={arrange.stack8}>
      <FlagLine stop letter="!" text={WORDS.readAgainFirstIt(TORCH_GOOD_MINUTES, names)} />
      <FrameKey label={WORDS.readItAgain} onPress={() => router.push(stageHref(jobId, 'make-safe'))} />
    </View>
  );
}
