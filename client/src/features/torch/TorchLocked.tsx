import { gateText } from '@kesto/contract/wording';
import type { OpenGate } from '@kesto/core';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { stageHref } from '@/data/stages/stageHref';
import { arrange } from '@/ui/arrange';
import { FlagLine } from '@/ui/Flag';
import { FrameKey } from '@/ui/Buttons';
import { WORDS } from './words';

/** Says what keeps the torch locked, and leads there; nothing where nothing does. */
export function TorchLocked({ jobId, lock }: { jobId: string; lock: OpenGate | null }) {
  const router = useRouter();
  if (!lock) return null;
  return (
    <View role="alert" style={arrange.stack8}>
      <FlagLine stop letter="!" text={`${gateText(lock).replace(/^./, (c) => c.toUpperCase())}.`} />
      <FrameKey label={WORDS.makeItSafe} onPress={() => router.push(stageHref(jobId, 'make-safe'))} />
    </View>
  );
}
