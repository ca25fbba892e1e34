import type { JointView } from '@kesto/contract';
import { useRouter } from 'expo-router';
import { FrameKey } from '@/ui/Buttons';

const LABEL = 'It was made already: note it';

/** A joint that was made while nobody tapped is noted afterwards. */
export function MadeAlready({ joint }: { joint: JointView }) {
  const router = useRouter();
  return <FrameKey label={LABEL} onPress={() => router.push(`/joints/${joint.id}/braze`)} />;
}
